import * as amounts from './amountPhrases'
import * as draws from './drawPhrases'
import * as energies from './energyPhrases'
import type { Phrase, Sight } from './facts'
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
const defrost: Phrase = (sight, at) => {
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

/** "RPM 1725", "1725 rpm", "1400 min-1", "2850/min": how fast it turns says nothing of watts. */
const turns: Phrase = (sight, at) => {
  const words = ['rpm', 'r/min', 'min-1']
  const { text, tokens } = sight
  const isNumber = (place: number) => tokens[place]?.kind === 'number'
  if (isWord(sight, at, words) && isNumber(at + 1)) return at + 2
  if (isNumber(at) && isWord(sight, at + 1, words)) return at + 2
  const written =
    tokens[at] && text.slice(tokens[at].from).match(/^\d{3,5}\s?(?:\/\s?min|min\s?(?:-1|⁻¹))(?![\p{L}\d])/iu)
  return written ? behind(sight, at, written[0].length) : null
}

/** The place behind so many letters of the text. */
function behind({ tokens }: Sight, at: number, length: number): number {
  const end = tokens[at].from + length
  let to = at
  while (to < tokens.length && tokens[to].to <= end) to++
  return to
}

/** "P1 900 W P2 550 W" on a pump: what it takes and what its shaft gives. */
const inAndShaft: Phrase = (sight, at) => {
  const { facts, tokens } = sight
  const isIn = isWord(sight, at, ['p1'])
  if (!isIn && !isWord(sight, at, ['p2'])) return null
  const place = past(sight, at + 1, ['max'], ':=')
  const found = quantity(sight, place, 'power')
  if (!found || found.isNegative) return null
  // with only its shaft's watts known they are read as any watts of a motor
  const hasIn = tokens.some((_, i) => isWord(sight, i, ['p1']))
  if (isIn || !hasIn) facts.watts = found.value
  return place + 1
}

const WEIGHTS = ['g', 'kg', 'oz', 'lb', 'lbs', 'psi', 'psig', 'bar', 'db', 'dba', 'mfd', 'uf', 'µf', 'μf']
const KEYED = [
  'sf',
  'sfa',
  'fr',
  'frame',
  'ph',
  'phase',
  'ins',
  'insulation',
  'cl',
  'class',
  'amb',
  'ambient',
  'duty',
]
/** "SF 1.25", "PH 1", "INS CL B", "AMB 40 °C", "DUTY CONT", "55 g": what a label says that bears on no watts. */
const beside: Phrase = (sight, at) => {
  const token = sight.tokens[at]
  if (token?.kind === 'number' && isWord(sight, at + 1, WEIGHTS)) return at + 2
  const key = isWord(sight, at, ['service']) && isWord(sight, at + 1, ['factor']) ? at + 1 : at
  if (key === at && !isWord(sight, at, KEYED)) return null
  const place = past(sight, key + 1, ['temp', 'temperature', 'cl', 'class'], '.:=')
  const said = sight.tokens[place]
  if (said?.kind === 'word') return /^(?:[a-h]|cont|continuous)$/.test(said.word) ? place + 1 : null
  // three phases are none of a house's outlets: that is not passed over
  if (said?.kind === 'number')
    return isWord(sight, at, ['ph', 'phase']) && said.value !== 1 ? null : past(sight, place + 1, ['c'])
  return said?.kind === 'quantity' && said.dimension === 'temperature' ? place + 1 : null
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
  inAndShaft,
  beside,
  amounts.range,
  amounts.count,
  amounts.total,
  amounts.amount,
  heading,
]
