import compile from 'icu-minify/compile'
import format, { type CompiledMessage, type FormatValues } from 'icu-minify/format'
import { toPseudo } from './pseudo'
import { LANGUAGE, PSEUDO } from './language'

/** ICU messages, nested by key: as they are written, or compiled by the bundler. */
export interface Messages {
  readonly [key: string]: string | Messages
}

/** The keys of messages; those of a nested one behind its own and a point. */
export type KeyOf<M> = {
  [K in keyof M & string]: M[K] extends string ? K : `${K}.${KeyOf<M[K]>}`
}[keyof M & string]

export type Values = Record<string, string | number>

/** Says a message by its key, with its values written in. Throws for a key or a value that is missing: words are never half said. */
export type Say = (key: string, values?: Values) => string

/** Says a message with tags in it: each tag's text goes through `mark`. */
export type SayMarked = (key: string, values: Values) => string

/** What a tag of a message makes of its text. */
type Mark = (tag: string, text: string) => string

/** Making one takes long beside using it. */
const rules = new Map<Intl.PluralRuleType | undefined, Intl.PluralRules>()
let separated: Intl.NumberFormat | undefined

/** Numbers as the language writes them. A page's first format takes 20 ms to make, and few pages count to a thousand. */
const numbers = {
  format: (value: number) =>
    Number.isInteger(value) && Math.abs(value) < 1000
      ? String(value)
      : (separated ??= new Intl.NumberFormat('en')).format(value),
} as Intl.NumberFormat

const formatters = {
  getDateTimeFormat: (...args: ConstructorParameters<typeof Intl.DateTimeFormat>) =>
    new Intl.DateTimeFormat(...args),
  getNumberFormat: (locale?: Intl.LocalesArgument, options?: Intl.NumberFormatOptions) =>
    options ? new Intl.NumberFormat(locale, options) : numbers,
  getPluralRules: (locale?: Intl.LocalesArgument, options?: Intl.PluralRulesOptions) => {
    const known = rules.get(options?.type) ?? new Intl.PluralRules(locale, options)
    rules.set(options?.type, known)
    return known
  },
}

/** Finds the message of a key, compiled, in the language spoken. */
function finder(messages: Messages): (key: string) => CompiledMessage {
  const found = new Map<string, CompiledMessage>()
  return (key) => {
    const known = found.get(key)
    if (known !== undefined) return known
    let at: string | Messages | undefined = messages
    for (const part of key.split('.'))
      at = typeof at === 'object' && Object.hasOwn(at, part) ? at[part] : undefined
    if (typeof at !== 'string' && !Array.isArray(at)) throw new Error(`there is no message ${key}`)
    const compiled = compile(at as string)
    const spoken = LANGUAGE === PSEUDO ? toPseudo(compiled) : compiled
    found.set(key, spoken)
    return spoken
  }
}

/** Values that say so where one is asked for that is not among them. */
const WHOLE: ProxyHandler<object> = {
  get(values, name) {
    if (!Object.hasOwn(values, name)) throw new Error(`a message wants ${String(name)}`)
    return Reflect.get(values, name)
  },
}

/** A message with its values written in, in pieces where a tag makes something else than text. */
const written = <T>(message: CompiledMessage, values: FormatValues<T> = {}) =>
  typeof message === 'string'
    ? message
    : format<T>(message, 'en', new Proxy(values, WHOLE) as FormatValues<T>, { formatters })

/**
 * The one way from a message to words, by keys that are put together.
 *
 * @param messages ICU messages, nested by key
 */
export function sayFrom(messages: Messages): Say {
  const find = finder(messages)
  return (key, values) => written<string>(find(key), values) as string
}

/**
 * The same for messages with tags.
 *
 * @param tags every tag the messages may hold; throws where a value has the name of one
 */
export function sayMarkedFrom(messages: Messages, tags: readonly string[], mark: Mark): SayMarked {
  const find = finder(messages)
  const marks = Object.fromEntries(tags.map((tag) => [tag, (text: string[]) => mark(tag, text.join(''))]))
  return (key, values) => {
    const taken = tags.find((tag) => tag in values)
    if (taken) throw new Error(`${taken} is a tag and cannot be a value, in ${key}`)
    const said = written<string>(find(key), { ...values, ...marks })
    return Array.isArray(said) ? said.join('') : said
  }
}

/** Words of one place of the interface. */
export interface Words<M> {
  (key: KeyOf<M>, values?: Values): string
  /** the same in pieces: each tag's text goes through the value of its name, which may make an element of it */
  pieces<T>(key: KeyOf<M>, values: FormatValues<T>): (string | T)[]
}

/** The same by keys that are known, for what the interface says. @param messages ICU messages by key */
export function wordsOf<M extends Messages>(messages: M): Words<M> {
  const find = finder(messages)
  const say = (key: string, values?: Values) => written<string>(find(key), values) as string
  const pieces = <T>(key: string, values: FormatValues<T>) => {
    const said = written<T>(find(key), values)
    return Array.isArray(said) ? said : [said]
  }
  return Object.assign(say, { pieces })
}
