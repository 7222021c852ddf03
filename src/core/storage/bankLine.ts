import { BANK_LIMITS, type Chemistry } from '../plan/limits'
import type { Battery } from '../plan/power'
import { formatNumber } from '../quantity/format'
import { quantity } from '../quantity/quantity'

/** Batteries as one typed line describes them. */
export interface BankLine {
  battery: Battery
  /** null where the line only counts them */
  series: number | null
  parallel: number | null
  count: number
  understood: string
}

export type BankLineReading = { ok: true; line: BankLine } | { ok: false; message: string }

const EXAMPLE = '4 × 12 V 100 Ah AGM, or 2S2P 12.8 V 200 Ah LiFePO4'
const ONE = /(?:(\d+)\s*[x×*]\s*)?(\d+(?:[.,]\d+)?)\s*V\D{0,3}?(\d+(?:[.,]\d+)?(?:e\d+)?)\s*Ah/gi
const MOST_AH = 5000

/** What is usual of a chemistry: rate, Peukert, mΩ of a 100 Ah block, cycles, spread. From memory. */
const USUAL: Record<
  Chemistry,
  { rateH: number; peukert: number; mOhm: number; cycles: number; times: number }
> = {
  lifepo4: { rateH: 5, peukert: 1.03, mOhm: 8, cycles: 3500, times: 1.04 },
  agm: { rateH: 20, peukert: 1.1, mOhm: 5.5, cycles: 500, times: 1.1 },
  flooded: { rateH: 20, peukert: 1.25, mOhm: 7, cycles: 400, times: 1.15 },
}

/**
 * Reads batteries from a line such as "4 × 12 V 100 Ah AGM".
 *
 * @returns the block and how many, or what is wrong: unequal blocks are refused, since the weakest of a
 *   series ends it and a parallel pair charges itself from its neighbour
 * @example readBankLine('2S2P 12.8 V 200 Ah LiFePO4') // series 2, parallel 2
 */
export function readBankLine(text: string): BankLineReading {
  const wrong = (message: string): BankLineReading => ({ ok: false, message })
  if (text.trim() === '') return wrong(`Write the batteries, such as ${EXAMPLE}.`)
  const blocks = [...text.matchAll(ONE)].map(([, count, volts, ah]) => ({
    count: count ? Number(count) : null,
    volts: Number(volts.replace(',', '.')),
    ah: Number(ah.replace(',', '.')),
  }))
  if (blocks.length === 0) return wrong(`Volts and amp-hours are wanted, such as ${EXAMPLE}.`)
  const [{ volts, ah }] = blocks
  const other = blocks.find((block) => block.volts !== volts || block.ah !== ah)
  if (other)
    return wrong(
      `Unequal batteries: ${formatNumber(volts, 1)} V ${formatNumber(ah)} Ah beside ${formatNumber(other.volts, 1)} V ${formatNumber(other.ah)} Ah. The weakest would end the bank and be harmed; use equal ones of one age, or two banks with loads of their own.`,
    )
  if (!(ah >= 1)) return wrong('A battery has 1 Ah at least; 100 Ah is usual.')
  if (ah > MOST_AH)
    return wrong(`${formatNumber(ah)} Ah is more than any battery has; ${formatNumber(MOST_AH)} Ah at most.`)
  if (volts < 1 || volts > 100) return wrong('A block has 1 to 100 V; 12 V is usual.')
  const arranged = text.match(/(\d+)\s*S\s*(\d+)\s*P/i)
  const series = arranged ? Number(arranged[1]) : null
  const parallel = arranged ? Number(arranged[2]) : null
  if ((series ?? 1) > BANK_LIMITS.series || (parallel ?? 1) > BANK_LIMITS.parallel)
    return wrong(`At most ${BANK_LIMITS.series} in series and ${BANK_LIMITS.parallel} in parallel.`)
  const chemistry = chemistryIn(text, volts)
  const usual = USUAL[chemistry]
  const counted = blocks.reduce((sum, block) => sum + (block.count ?? 1), 0)
  const count = series && parallel ? series * parallel : counted
  if (count < 1) return wrong('One battery at least.')
  if (count > BANK_LIMITS.series * BANK_LIMITS.parallel)
    return wrong(`${count} batteries are more than a bank takes.`)
  const words = { lifepo4: 'LiFePO4', agm: 'AGM', flooded: 'flooded' }[chemistry]
  const name = `${formatNumber(volts, 1)} V ${formatNumber(ah)} Ah ${words}`
  return {
    ok: true,
    line: {
      series,
      parallel,
      count,
      understood: `${count} × ${name}`,
      battery: {
        name,
        chemistry,
        volts,
        capacityAh: quantity(ah, 'Ah', 'label', { times: usual.times }),
        rateH: usual.rateH,
        peukert: quantity(usual.peukert, '1', 'typical', { plusMinus: 0.04 }),
        internalOhm: quantity(((usual.mOhm / 1000) * 100 * volts) / (12 * ah), 'Ω', 'typical', {
          times: 1.5,
        }),
        cycles: usual.cycles,
        agedFraction: 0,
        weightKg: null,
        price: null,
      },
    },
  }
}

function chemistryIn(text: string, volts: number): Chemistry {
  if (/li|lfp|iron/i.test(text) || [12.8, 25.6, 51.2, 3.2, 6.4].includes(volts)) return 'lifepo4'
  return /flood|wet|deep.?cycle|lead/i.test(text) ? 'flooded' : 'agm'
}

/** How so many batteries are best arranged for an inverter: in series up to its volts, the rest in rows; null when they do not divide. */
export function arrangement(
  battery: Battery,
  count: number,
  dcVolts: number,
): { series: number; parallel: number } | null {
  const series = Math.max(1, Math.round(dcVolts / battery.volts))
  return count % series === 0 && count / series <= BANK_LIMITS.parallel
    ? { series, parallel: count / series }
    : null
}
