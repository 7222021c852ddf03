/** An end the user must know the reason of: one clear line, no stack. */
export class Stop extends Error {
  constructor(message, exitCode = 1) {
    super(message)
    this.exitCode = exitCode
  }
}

/** Prints a line to standard output. */
export const say = (text) => console.log(text)

/** Prints a step of work that takes a while, beside the output proper. */
export const sayStep = (text) => console.error(`· ${text}`)
