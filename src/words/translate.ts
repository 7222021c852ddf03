import { type AbstractIntlMessages, createTranslator } from 'use-intl/core'

/** Says a message by its key, with its values written in. */
export type Say = (key: string, values?: Record<string, string | number>) => string

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
