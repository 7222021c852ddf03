import type { BoundPath } from '@/core/plan/bounds'

interface RowBase<S> {
  label: string | ((state: S) => string)
  /** shown only then; always unless said */
  when?: (state: S) => boolean
  /** stands under More, which is open at first where one of its rows is not as usual */
  more?: { isUsual: (state: S) => boolean }
}

export interface QuantityRow<S> extends RowBase<S> {
  kind: 'quantity'
  path: BoundPath
  /** null: nobody said it */
  value: (state: S) => number | null
  put: (state: S, value: number) => S
  check?: (state: S, value: number) => string | null
  volts?: number
  pairedWith?: string
}

export interface ChoiceRow<S> extends RowBase<S> {
  kind: 'choice'
  options: readonly { value: string; words: string }[]
  value: (state: S) => string
  put: (state: S, value: string) => S
}

export interface CheckRow<S> extends RowBase<S> {
  kind: 'check'
  words: string
  on: (state: S) => boolean
  put: (state: S, on: boolean) => S
}

/** How thick a wire is; null: not bought yet. */
export interface WireRow<S> extends RowBase<S> {
  kind: 'wire'
  /** sizes flexible cords are made in only */
  isCord: boolean
  value: (state: S) => number | null
  put: (state: S, areaMm2: number | null) => S
}

/** A name or a short text. */
export interface TextRow<S> extends RowBase<S> {
  kind: 'text'
  maxLength: number
  value: (state: S) => string
  put: (state: S, text: string) => S
}

/** A line that says what follows from the fields above it. */
export interface NoteRow<S> extends RowBase<S> {
  kind: 'note'
  words: (state: S) => string
}

/** One field of a form, as data: what it is called, what it reads and what it changes. */
export type FieldRow<S> = QuantityRow<S> | ChoiceRow<S> | CheckRow<S> | WireRow<S> | TextRow<S> | NoteRow<S>

/** Whether something under More is not as it usually is. */
export const hasUnusual = <S>(rows: readonly FieldRow<S>[], state: S): boolean =>
  rows.some(({ when, more }) => more && (when?.(state) ?? true) && !more.isUsual(state))
