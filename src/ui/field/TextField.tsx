'use client'
import { textField } from '@/words/en/ui/fields'
import { wordsOf } from '@/words/translate'
import { TypedInput } from './TypedInput'
import { useTyped } from './useTyped'

const say = wordsOf(textField)

interface TextFieldProps {
  label: string
  value: string
  onChange: (value: string) => void
  maxLength: number
  multiline?: boolean
  /** whether it may be empty */
  optional?: boolean
  local?: boolean
}

/** A name or a note. */
export function TextField({ label, value, onChange, maxLength, multiline, optional, local }: TextFieldProps) {
  const field = useTyped<string>({
    label,
    shown: value,
    value,
    read: (text) => {
      const message = troubleWith(text, maxLength, optional)
      return message ? { ok: false, message } : { ok: true, value: multiline ? text : text.trim() }
    },
    onChange,
    local,
    multiline,
  })
  return <TypedInput label={label} field={field} width="wide" multiline={multiline} isText />
}

function troubleWith(text: string, maxLength: number, optional?: boolean): string | null {
  if (!optional && text.trim() === '') return say('aNameIsNeeded')
  if (text.trim().length > maxLength)
    return say('thatIsCharactersAtMost', {
      localeString: text.trim().length.toLocaleString('en-US'),
      maxLength,
    })
  return null
}
