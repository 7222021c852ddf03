// Adds the optional platform packages (builds for other systems) that `npm install` leaves out of
// package-lock.json when it cannot look them up; `npm ci` refuses a lock without them. They are
// never fetched on a system they are not for. `--check` only tells whether any is missing.
import { readFileSync, writeFileSync } from 'node:fs'

const path = new URL('../package-lock.json', import.meta.url)
const lock = JSON.parse(readFileSync(path, 'utf8'))
const packages = lock.packages
const checkOnly = process.argv.includes('--check')

/** Where `name`, asked for by the package at `parent`, is found: the nearest node_modules upwards. */
function resolvedAt(parent, name) {
  for (let at = parent; ; at = at.slice(0, Math.max(0, at.lastIndexOf('node_modules/') - 1))) {
    const path = `${at ? `${at}/` : ''}node_modules/${name}`
    if (packages[path]) return path
    if (!at) return null
  }
}

/** The system a package is built for, read from its name: "…-linux-arm64-musl", "…-win32-x64-msvc". */
function platformOf(name) {
  const os = name.match(
    /(darwin|win32|linux|freebsd|openbsd|netbsd|sunos|android|aix|openharmony|wasm32)/,
  )?.[1]
  const cpu = name.match(/(arm64|x64|ia32|arm|ppc64|s390x|riscv64|loong64|mips64el)(?![a-z0-9])/)?.[1]
  return { ...(cpu && { cpu: [cpu] }), ...(os && os !== 'wasm32' && { os: [os] }) }
}

const missing = []
for (const [parent, entry] of Object.entries(packages)) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    if (!/^\d/.test(version) || resolvedAt(parent, name)) continue
    missing.push(name)
    packages[`node_modules/${name}`] = { version, optional: true, ...platformOf(name) }
  }
}
if (missing.length === 0) process.exit(0)
if (checkOnly) {
  console.error(`package-lock.json lacks ${missing.length} optional packages; run: node cli/completeLock.mjs`)
  process.exit(1)
}
lock.packages = Object.fromEntries(Object.entries(packages).sort(([a], [b]) => (a < b ? -1 : 1)))
writeFileSync(path, `${JSON.stringify(lock, null, 2)}\n`)
console.log(`added ${missing.length} optional packages to package-lock.json`)
