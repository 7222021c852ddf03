import { describe, expect, test } from '@jest/globals'
import messageLoader from '../../cli/messageLoader.cjs'

/** What the bundler gets of a module of messages. */
const loaded = (source: string) =>
  new Promise<string>((resolve, reject) =>
    messageLoader.call(
      { async: () => (error: Error | null, text?: string) => (error ? reject(error) : resolve(text!)) },
      source,
    ),
  )

describe('messages on their way into a page', () => {
  test('are compiled, nested ones too, under the names they had', async () => {
    expect(
      await loaded(
        `/** Said. */\nexport const page = { plain: 'It holds.', nested: { n: '{n, plural, one {# load} other {# loads}}' } } as const`,
      ),
    ).toBe(
      `export const page = {"plain":"It holds.","nested":{"n":[["n",2,{"one":[0," load"],"other":[0," loads"]}]]}}`,
    )
  })

  test('a message that is none stops the build', async () => {
    await expect(loaded(`export const page = { open: 'as {name' }`)).rejects.toThrow()
  })
})
