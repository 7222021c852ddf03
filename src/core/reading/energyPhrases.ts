import { told } from '../quantity/told'
import { type Period, type Phrase, type Sight, reworded } from './facts'
import { duration, isMark, isWord, past, perPeriod, plain, quantity } from './pieces'

/** Energy by the day, year or use, energy that is charged, and watts "per hour". */

/** "2 watts per hour": watts are already a rate. */
export const wattsPerHour: Phrase = (sight, at) => {
  const watts = quantity(sight, at, 'power')
  const per = watts && perPeriod(sight, at + 1)
  if (!watts || !per || per.value !== 60) return null
  const said = `${plain(watts.value)} W`
  const meant = [
    {
      words: told('line.whileItRuns', { figure: watts.value }),
      text: reworded(sight, at, per.to, said),
    },
  ]
  const elsewhere = lengthElsewhere(sight, at, per.to)
  if (elsewhere !== null && elsewhere < 60) {
    const allW = (watts.value * 60) / elsewhere
    meant.push({
      words: told('line.inThoseMinutes', {
        energyFigure: watts.value,
        minutesFigure: elsewhere,
        wattsFigure: allW,
      }),
      text: reworded(sight, at, per.to, `${plain(allW)} W`),
    })
  } else
    meant.push({
      words: told('line.inEachHour', { figure: watts.value }),
      text: reworded(sight, at, per.to, `${said} all the time`),
    })
  sight.facts.questions.push({
    message: told('line.alreadyARate', { figure: watts.value }),
    meant,
  })
  sight.facts.watts ??= watts.value
  return per.to
}

function lengthElsewhere(sight: Sight, from: number, to: number): number | null {
  for (let i = 0; i < sight.tokens.length; i++) {
    if (i >= from && i < to) continue
    const found = duration(sight, i)
    if (found) return found.value
  }
  return null
}

const PERIODS: readonly [number, Period][] = [
  [1440, 'day'],
  [10_080, 'week'],
  [43_830, 'month'],
  [525_960, 'year'],
]
const CYCLES = ['cycle', 'wash', 'load', 'use', 'run', 'charge', 'time']

/** "412 kWh/year", "1.2 kWh a day", "0.95 kWh per 24 h", "1 kWh a cycle", "annual 412 kWh"; energy without a period too. */
export const energy: Phrase = (sight, at) => {
  const { facts } = sight
  const lead = isWord(sight, at, ['annual', 'yearly'])
    ? past(sight, at + 1, ['energy', 'use', 'consumption'], ':')
    : at
  const found = quantity(sight, lead, 'energy')
  if (!found || found.isNegative || facts.energy !== null) return null
  const tell = (per: Period | null, to: number) => {
    facts.energy = { wh: found.value, per }
    return to
  }
  if (lead > at) return tell('year', lead + 1)
  const place = past(sight, lead + 1, ['used', 'uses'])
  const cycle =
    isMark(sight, place, '/') || isWord(sight, place, ['per', 'a', 'each', 'every']) ? place + 1 : null
  if (cycle !== null && isWord(sight, cycle, CYCLES)) return tell('cycle', cycle + 1)
  const per = perPeriod(sight, place)
  if (per) {
    const period = PERIODS.find(([minutes]) => Math.abs(per.value - minutes) < 1)
    if (period) return tell(period[1], per.to)
    if (per.value === 60) {
      facts.averageW ??= found.value
      return per.to
    }
    if (per.value > 0 && per.value <= 525_960) {
      facts.energy = { wh: (found.value * 1440) / per.value, per: 'day' }
      return per.to
    }
  }
  // "/a": a year on labels of some countries
  if (isMark(sight, place, '/') && isWord(sight, place + 1, ['a'])) return tell('year', place + 2)
  return tell(null, lead + 1)
}

const CHARGE = ['charge', 'charges', 'charging', 'recharge', 'recharges', 'recharging']

/** "charge 500Wh": what goes into a battery. */
export const charge: Phrase = (sight, at) => {
  if (!isWord(sight, at, CHARGE)) return null
  const found = quantity(sight, past(sight, at + 1, ['of', 'about']), 'energy')
  if (!found || sight.facts.chargeWh !== null) return null
  sight.facts.chargeWh = found.value
  return past(sight, at + 1, ['of', 'about']) + 1
}
