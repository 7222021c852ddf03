/** What a text or a part of a document must be, beyond its type: the schema names it, and it is said by that name. */
export const SHAPES = [
  'clock',
  'clockOrEnd',
  'day',
  'dateTime',
  'moment',
  'id',
  'notBuiltIn',
  'codeLetter',
  'currency',
  'comesBackAbove',
  'evenHours',
  'startOfRun',
  'sourceOfRun',
] as const

export type Shape = (typeof SHAPES)[number]

/** A name of a shape, for the schema's own messages. */
export const shape = (name: Shape): Shape => name
