import { type AbstractIntlMessages, createTranslator } from 'use-intl/core'

/** Says a message by its key, with its values written in. */
export type Say = (key: string, values?: Record<string, string | number>) => string

/** Says a message with tags in it: each tag's text goes through `mark`. */
export type SayMarked = (key: string, values: Record<string, string | number>) => string

/** What a tag of a message makes of its text. */
type Mark = (tag: string, text: string) => string

/**
 * The same for messages with tags.
 *
 * @param tags every tag the messages may hold
 */
export function sayMarkedFrom(
  messages: AbstractIntlMessages,
  tags: readonly string[],
  mark: Mark,
  locale = 'en',
): SayMarked {
  const translate = createTranslator({
    locale,
    messages,
    onError: (error) => {
      throw error
    },
  })
  const marks = Object.fromEntries(tags.map((tag) => [tag, (text: string) => mark(tag, text)]))
  return (key, values) => {
    const taken = tags.find((tag) => tag in values)
    if (taken) throw new Error(`${taken} is a tag and cannot be a value, in ${key}`)
    return (translate.markup as (key: string, values: Record<string, unknown>) => string)(key, {
      ...values,
      ...marks,
    })
  }
}

/**
 * The one way from a message to words.
 *
 * @param messages ICU messages, nested by key
 * @returns a function that throws for a key or a value that is missing: words are never half said
 */
export function sayFrom(messages: AbstractIntlMessages, locale = 'en'): Say {
  const translate = createTranslator({
    locale,
    messages,
    onError: (error) => {
      throw error
    },
  })
  return (key, values) =>
    (translate as (key: string, values?: Record<string, string | number>) => string)(key, values)
}
