import { describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { join } from 'node:path'

/** What the bundler gets of a module of messages; throws what stops a build. */
function loaded(source: string): string {
  const loader = join(__dirname, '../../cli/messageLoader.cjs')
  const code = `require(${JSON.stringify(loader)}).call(
    { async: () => (error, text) => { if (error) throw error; process.stdout.write(text) } },
    ${JSON.stringify(source)},
  )`
  const { status, stdout, stderr } = spawnSync(process.execPath, ['-e', code], { encoding: 'utf8' })
  if (status !== 0) throw new Error(stderr)
  return stdout
}

describe('messages on their way into a page', () => {
  test('are compiled, nested ones too, under the names they had', () => {
    expect(
      loaded(
        `/** Said. */\nexport const page = { plain: 'It holds.', nested: { n: '{n, plural, one {# load} other {# loads}}' } } as const`,
      ),
    ).toBe(
      `export const page = {"plain":"It holds.","nested":{"n":[["n",2,{"one":[0," load"],"other":[0," loads"]}]]}}`,
    )
  })

  test('a message that is none stops the build', () => {
    expect(() => loaded(`export const page = { open: 'as {name' }`)).toThrow(
      /EXPECT_ARGUMENT_CLOSING_BRACE|UNCLOSED/,
    )
  })
})
