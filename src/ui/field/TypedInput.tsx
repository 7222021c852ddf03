'use client'
import TextField from '@mui/material/TextField'
import { type ReactNode, useId } from 'react'
import { typedInput } from '@/words/en/ui/fields'
import { wordsOf } from '@/words/translate'
import { Term } from '../help/Term'
import styles from './field.module.css'
import { useHeldIn, type useTyped } from './useTyped'

const say = wordsOf(typedInput)

interface TypedInputProps {
  label: string
  field: ReturnType<typeof useTyped<never>> | Omit<ReturnType<typeof useTyped<never>>, never>
  /** in a table cell or beside others: the label is for screen readers, trouble hangs below */
  cell?: boolean
  /** how wide it is */
  width?: 'figure' | 'wide' | 'clock' | 'longClock' | 'compact'
  multiline?: boolean
  /** the label of the field this one must agree with */
  pairedWith?: string
  isText?: boolean
  /** a key at its end that opens something to pick from */
  picker?: ReactNode
}

/** A typed field: its label, the input, what was understood, and what is wrong with what stands there. */
export function TypedInput(props: TypedInputProps) {
  const { label, field, cell, width = 'figure', multiline, pairedWith, isText, picker } = props
  const id = useId()
  const other = useHeldIn(pairedWith)
  const { text, trouble, counts, understood, inputProps } = field
  const input = (
    <>
      <TextField
        id={id}
        className={`${styles[width]} ${isText ? styles.text : ''}`}
        variant="standard"
        hiddenLabel
        multiline={multiline}
        minRows={multiline ? 3 : undefined}
        value={text}
        error={trouble !== null}
        onChange={inputProps.onChange}
        onKeyDown={inputProps.onKeyDown}
        slotProps={{
          input: picker ? { endAdornment: picker } : undefined,
          htmlInput: {
            'aria-label': cell ? label : undefined,
            'aria-describedby': trouble || other ? `${id}-trouble` : undefined,
            autoComplete: 'off',
            spellCheck: isText ? undefined : false,
            dir: isText ? 'auto' : undefined,
            'data-typing': field.isTyping,
            onFocus: inputProps.onFocus,
            onBlur: inputProps.onBlur,
          },
        }}
      />
      {understood && !cell && <span className="hint">{understood}</span>}
      {trouble ? (
        <span id={`${id}-trouble`} className={styles.trouble} role="alert">
          {trouble}
          {counts !== null && say('countsUntilThenEscapeBringsIt', { counts: counts || say('nothing') })}
        </span>
      ) : (
        other && (
          <span id={`${id}-trouble`} className={styles.trouble}>
            {say('typedAsDoesNotGoWith', { other: other.text, other2: other.label, reason: other.reason })}
          </span>
        )
      )}
    </>
  )
  if (cell) return <span className={styles.cell}>{input}</span>
  return (
    <div className={styles.row}>
      <label className={styles.label} htmlFor={id}>
        <Term label={label} />
      </label>
      <span className={styles.control}>{input}</span>
    </div>
  )
}
