import * as amounts from './amountPhrases'
import * as draws from './drawPhrases'
import * as energies from './energyPhrases'
import type { Phrase } from './facts'
import { isMark, isWord, past, quantity } from './pieces'

/** What is printed on a label beside what people write of a load. */

/** "Output 12 V 5 A": what a device gives, up to its input or the end. */
const output: Phrase = (sight, at) => {
  if (!isWord(sight, at, ['output', 'out', 'outputs']) || sight.facts.output !== null) return null
  const found = { watts: null as number | null, volts: null as number | null, amps: null as number | null }
  let place = past(sight, at + 1, ['power', 'ac', 'dc'], ':=')
  for (;;) {
    const [watts, volts, amps] = [
      quantity(sight, place, 'power', 'apparent'),
      quantity(sight, place, 'voltage'),
      quantity(sight, place, 'current'),
    ]
    if (watts && found.watts === null) found.watts = watts.value
    else if (volts && found.volts === null) found.volts = volts.value
    else if (amps && found.amps === null) found.amps = amps.value
    else break
    place = past(sight, place + 1, ['dc', 'ac', 'max'], ',~=⎓/×')
    if (isWord(sight, place, ['x'])) place++
  }
  if (found.watts === null && found.volts === null && found.amps === null) return null
  sight.facts.output = found
  return place
}

/** "defrost 200 W", "200 W defrost heater". */
export const defrost: Phrase = (sight, at) => {
  const { facts } = sight
  if (facts.defrostW !== null) return null
  const words = ['defrost', 'defrosting', 'defroster']
  if (isWord(sight, at, words)) {
    const place = past(sight, at + 1, ['heater', 'power', 'input', 'watts'], ':=')
    const found = quantity(sight, place, 'power')
    if (!found || found.isNegative) return null
    facts.defrostW = found.value
    return place + 1
  }
  const found = quantity(sight, at, 'power')
  if (!found || found.isNegative || !isWord(sight, at + 1, words)) return null
  facts.defrostW = found.value
  return past(sight, at + 2, ['heater', 'power'])
}

/** "1~", "1 phase", "single phase", "50/60 Hz" beside its unit: how the mains are. */
const phases: Phrase = (sight, at) => {
  const token = sight.tokens[at]
  if (isWord(sight, at, ['single']) && isWord(sight, at + 1, ['phase'])) return at + 2
  if (token?.kind !== 'number' || token.value !== 1) return null
  if (isWord(sight, at + 1, ['ph', 'phase', 'ac'])) return at + 2
  return isMark(sight, at + 1, '~') ? at + 2 : null
}

/** "AC 120 V", "DC 12 V": the kind of current before its volts. */
const currentKind: Phrase = (sight, at) => {
  const token = sight.tokens[at + 1]
  const isVolts =
    quantity(sight, at + 1, 'voltage') !== null ||
    (token?.kind === 'number' && quantity(sight, at + 3, 'voltage') !== null)
  if (!isWord(sight, at, ['ac', 'dc']) || !isVolts) return null
  if (isWord(sight, at, ['dc'])) sight.facts.isDirect = true
  return at + 1
}

/** Headings of a label, which say only what follows. */
const HEADINGS =
  'motor compressor energy consumption power voltage current frequency nominal rated rating class type only appliance absorbed'.split(
    ' ',
  )
const heading: Phrase = (sight, at) => {
  const to = past(sight, at, HEADINGS)
  return to > at ? to : null
}

/** "RPM 1725", "1725 rpm": how fast it turns says nothing of watts. */
const turns: Phrase = (sight, at) => {
  const words = ['rpm', 'r/min', 'min-1']
  const isNumber = (place: number) => sight.tokens[place]?.kind === 'number'
  if (isWord(sight, at, words) && isNumber(at + 1)) return at + 2
  return isNumber(at) && isWord(sight, at + 1, words) ? at + 2 : null
}

/** Tried in this order at every piece of a label. */
export const LABEL_PHRASES: readonly Phrase[] = [
  amounts.negative,
  energies.wattsPerHour,
  currentKind,
  output,
  defrost,
  energies.energy,
  draws.average,
  draws.start,
  draws.idle,
  amounts.powerFactor,
  amounts.codeLetter,
  phases,
  turns,
  amounts.range,
  amounts.count,
  amounts.total,
  amounts.amount,
  heading,
]
