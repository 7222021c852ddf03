import type * as z from 'zod'

/** One thing wrong with a document: where, what, and what would be right. */
export interface Fault {
  path: string
  message: string
}

/** "loads[2].behaviour.runningW" */
function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key),
    '',
  )
}

const QUANTITY_EXAMPLE = '{ "value": 150, "unit": "W", "spread": { "times": 1.5 }, "evidence": "label" }'

/** Zod's issues as faults in a homeowner's words, one a line, the deepest branch of a union told. */
export function faultsOf(error: z.ZodError): Fault[] {
  return error.issues.flatMap((issue) => faultsOfIssue(issue, []))
}

function faultsOfIssue(issue: z.core.$ZodIssue, above: readonly PropertyKey[]): Fault[] {
  const path = [...above, ...issue.path]
  const at = pathText(path) || 'document'
  const one = (message: string): Fault[] => [{ path: at, message }]
  switch (issue.code) {
    case 'unrecognized_keys':
      return issue.keys.map((key) => ({
        path: pathText([...path, key]),
        message: 'no such field is known; remove it or check its spelling',
      }))
    case 'invalid_type': {
      const key = String(path[path.length - 1] ?? '')
      const wantsQuantity =
        issue.expected === 'object' &&
        /(W|Wh|Fraction|Min|S|C|LH|LMin|volumeL|RunH|ConstantH|watts|seconds|minutesEach)$/.test(key)
      if (wantsQuantity)
        return one(`needs a value with its unit, spread and evidence, such as ${QUANTITY_EXAMPLE}`)
      const missing = issue.input === undefined && /undefined$/.test(issue.message)
      return one(
        missing ? `is missing; ${article(issue.expected)} is needed` : `must be ${article(issue.expected)}`,
      )
    }
    case 'invalid_value':
      return one(`must be ${issue.values.map((value) => JSON.stringify(value)).join(' or ')}`)
    case 'too_small':
    case 'too_big':
      return one(sizeMessage(issue))
    case 'invalid_union': {
      if (issue.errors.length === 0)
        return one(
          'has no known kind; "constant", "scheduled", "session", "cycling", "pump" and "charging" are known',
        )
      const nearest = [...issue.errors].sort((a, b) => a.length - b.length || depth(b) - depth(a))[0]
      return nearest.flatMap((inner) => faultsOfIssue(inner, path))
    }
    case 'invalid_format':
    case 'custom':
      return one(`must be ${issue.message.replace(/^Invalid.*: /, '')}`)
    default:
      return one(issue.message)
  }
}

const depth = (issues: readonly z.core.$ZodIssue[]) => Math.max(...issues.map((issue) => issue.path.length))

const article = (type: string) => (/^[aeiou]/.test(type) ? `an ${type}` : `a ${type}`)

function sizeMessage(issue: z.core.$ZodIssueTooSmall | z.core.$ZodIssueTooBig): string {
  const small = issue.code === 'too_small'
  const bound = (small ? issue.minimum : issue.maximum).toLocaleString('en-US')
  const side = small ? 'at least' : 'at most'
  if (issue.origin === 'string') {
    return small && Number(issue.minimum) === 1
      ? 'must not be empty'
      : `must be ${side} ${bound} characters long`
  }
  if (issue.origin === 'array') return `must hold ${side} ${bound} entries`
  return `must be ${side} ${bound}`
}
