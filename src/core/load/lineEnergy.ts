import { told } from '../quantity/told'
import type { Facts, Question } from '../reading/facts'
import type { Line } from './lineBase'

/** The energy a day that facts tell, Wh; of a use, or without a period, there is none. */
export function energyADayOf({ energy }: Facts): number | null {
  if (!energy) return null
  const days = { day: 1, week: 7, month: 30.44, year: 365.25, cycle: null }
  const divisor = energy.per === null ? null : days[energy.per]
  return divisor === null ? null : energy.wh / divisor
}

/** A day's energy taken for a year's or the other way round: more than it can draw, or next to nothing. */
export function wrongPeriod(line: Line, averageW: number, runningW: number): Question | null {
  const { facts, text, thing } = line
  const energy = facts.energy!
  const energyWh = energy.wh
  const other = (words: string) =>
    text
      .replace(
        /(k?wh)\s*(?:\/|per|a|an|each|every)\s*(?:24\s*h(?:ours?|rs?)?|day|d|year|yr|annum|y|a|week|month)(?![\p{L}])/iu,
        `$1 ${words}`,
      )
      .replace(/\s(?:daily|yearly|annually)(?![\p{L}])/iu, ` ${words}`)
  const isTooMuch = averageW > Math.max(runningW * 1.1, line.watts === null ? runningW * 1.6 : 0)
  if (isTooMuch && energy.per !== 'year')
    return {
      message: told('line.tooMuchFor', { energyWh, per: energy.per, averageW, runningW }),
      meant: [
        {
          words: told('line.aYearOnAverage', { energyWh, averageW: energyWh / 8766 }),
          text: other('per year'),
        },
      ],
    }
  const usual = thing ? thing.behaviour : null
  const least = usual?.kind === 'cycling' ? usual.averageW.value / 12 : 0.02
  if (energy.per === 'year' && averageW < least)
    return {
      message: told('line.tooLittleForAYear', { energyWh, averageW }),
      meant: [
        { words: told('line.aDayOnAverage', { energyWh, averageW: energyWh / 24 }), text: other('a day') },
      ],
    }
  if (isTooMuch)
    return {
      message: told('line.tooMuchForAYear', { energyWh, averageW, runningW }),
      meant: [
        {
          words: told('line.whileItRuns', { figure: Math.round(averageW * 2) }),
          text: `${text.replace(/[\d.,]+\s?k?w(?:atts?)?(?![\p{L}])/iu, '').trim()} ${Math.round(averageW * 2)} W`,
        },
      ],
    }
  return null
}
