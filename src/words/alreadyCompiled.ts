/** Stands for the compiler of messages where the bundler has compiled them (`cli/messageLoader.cjs`). */
export default function alreadyCompiled<T>(message: T): T {
  return message
}
