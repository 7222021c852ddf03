import { createInterface } from 'node:readline'
import { parseArgs } from 'node:util'
import { readCommand } from '@/words/en/commands'
import { understoodRow } from '@/words/reading/understoodRow'
import { wordsOf } from '@/words/translate'
import { refuse, unknownOption } from './readPlanFile'

const say = wordsOf(readCommand)

function readOptions() {
  try {
    return parseArgs({ options: { mains: { type: 'string' }, room: { type: 'string' } } }).values
  } catch (error) {
    return refuse([unknownOption(error)])
  }
}

const { mains = '120', room = '20' } = readOptions()
if (mains !== '120' && mains !== '230') refuse([say('mainsMustBe', { mains })])
const roomC = Number(room)
if (room.trim() === '' || !(roomC >= -30 && roomC <= 60)) refuse([say('roomMustBe', { room })])

const surroundings = { mainsVolts: Number(mains), roomC }
for await (const row of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
  if (row.trim() === '') continue
  console.log(JSON.stringify(understoodRow(row, surroundings)))
}
