const { transformSync } = require('esbuild')

/** Compiles the ICU messages of a module of src/words/en for the bundler, so that no page carries a parser of messages. */
module.exports = function messageLoader(source) {
  const done = this.async()
  void import('icu-minify/compile')
    .then(({ default: compile }) => {
      const compiled = (messages) =>
        typeof messages === 'string'
          ? compile(messages)
          : Object.fromEntries(Object.entries(messages).map(([key, value]) => [key, compiled(value)]))
      const { code } = transformSync(source, { loader: 'ts', format: 'cjs' })
      const loaded = { exports: {} }
      new Function('module', 'exports', code)(loaded, loaded.exports)
      const written = Object.keys(loaded.exports).map(
        (name) => `export const ${name} = ${JSON.stringify(compiled(loaded.exports[name]))}`,
      )
      return written.join('\n')
    })
    .then((text) => done(null, text), done)
}
