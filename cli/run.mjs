import { spawn } from 'node:child_process'

/**
 * Runs a program to its end without holding up what else is asked meanwhile.
 *
 * @returns { status, stdout, stderr }; status null where it could not be run or was ended by a signal
 */
export function run(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options })
    const words = { stdout: '', stderr: '' }
    for (const name of ['stdout', 'stderr']) child[name]?.on('data', (chunk) => (words[name] += chunk))
    child.once('error', (error) => resolve({ status: null, ...words, stderr: error.message }))
    child.once('close', (status) => resolve({ status, ...words }))
  })
}
