import { createInterface } from 'node:readline'
import { parseArgs } from 'node:util'
import { understoodRow } from '@/words/reading/understoodRow'

/** One line, then exit code 2. */
function refuse(line: string): never {
  console.error(line)
  process.exit(2)
}

function readOptions() {
  try {
    return parseArgs({ options: { mains: { type: 'string' }, room: { type: 'string' } } }).values
  } catch (error) {
    return refuse(`${(error as Error).message.split('\n')[0]} ./yotrope help lists the options`)
  }
}

const { mains = '120', room = '20' } = readOptions()
if (mains !== '120' && mains !== '230') refuse(`--mains: “${mains}” must be 120 or 230`)
const roomC = Number(room)
if (room.trim() === '' || !(roomC >= -30 && roomC <= 60))
  refuse(`--room: “${room}” must be a temperature from -30 to 60 °C`)

const surroundings = { mainsVolts: Number(mains), roomC }
for await (const row of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
  if (row.trim() === '') continue
  console.log(JSON.stringify(understoodRow(row, surroundings)))
}
