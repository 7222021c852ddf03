import type * as z from 'zod'
import { type Told, told } from '../quantity/told'
import { SHAPES } from './shape'

/** One thing wrong with a document: where, what, and what would be right. */
export interface Fault {
  path: string
  message: Told
}

/** "loads[2].behaviour.runningW" */
function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key),
    '',
  )
}

/** Zod's issues as faults, the deepest branch of a union told. */
export function faultsOf(error: z.ZodError): Fault[] {
  return error.issues.flatMap((issue) => faultsOfIssue(issue, []))
}

function faultsOfIssue(issue: z.core.$ZodIssue, above: readonly PropertyKey[]): Fault[] {
  const path = [...above, ...issue.path]
  const at = pathText(path) || 'document'
  const one = (message: Told): Fault[] => [{ path: at, message }]
  switch (issue.code) {
    case 'unrecognized_keys':
      return issue.keys.map((key) => ({
        path: pathText([...path, key]),
        message: told('document.unknownField'),
      }))
    case 'invalid_type': {
      const key = String(path[path.length - 1] ?? '')
      const wantsQuantity =
        issue.expected === 'object' &&
        /(W|Wh|Fraction|Min|S|C|LH|LMin|volumeL|RunH|ConstantH|watts|seconds|minutesEach)$/.test(key)
      if (wantsQuantity) return one(told('document.needsQuantity'))
      const missing = issue.input === undefined && /undefined$/.test(issue.message)
      const type = issue.expected
      return one(missing ? told('document.missing', { type }) : told('document.mustBeA', { type }))
    }
    case 'invalid_value':
      return one(told('document.mustBe', { choices: issue.values.map((value) => JSON.stringify(value)) }))
    case 'too_small':
    case 'too_big':
      return one(sizeOf(issue))
    case 'invalid_union': {
      if (issue.errors.length === 0) return one(told('document.unknownKind'))
      const nearest = [...issue.errors].sort((a, b) => a.length - b.length || depth(b) - depth(a))[0]
      return nearest.flatMap((inner) => faultsOfIssue(inner, path))
    }
    default: {
      const known = SHAPES.find((shape) => shape === issue.message)
      return one(known ? told(`document.shape.${known}`) : told('document.shape.other'))
    }
  }
}

const depth = (issues: readonly z.core.$ZodIssue[]) => Math.max(...issues.map((issue) => issue.path.length))

function sizeOf(issue: z.core.$ZodIssueTooSmall | z.core.$ZodIssueTooBig): Told {
  const isLeast = issue.code === 'too_small'
  const boundFigure = Number(isLeast ? issue.minimum : issue.maximum)
  if (issue.origin === 'string')
    return isLeast && boundFigure === 1
      ? told('document.empty')
      : told('document.letters', { isLeast, boundFigure })
  return issue.origin === 'array'
    ? told('document.entries', { isLeast, boundFigure })
    : told('document.bound', { isLeast, boundFigure })
}
