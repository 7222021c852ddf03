import { BANK_LIMITS, type Chemistry } from '../plan/limits'
import type { Battery } from '../plan/power'
import { quantity } from '../quantity/quantity'
import { type Told, told } from '../quantity/told'
import { tokensOf } from '../reading/token'

/** Batteries as one typed line describes them. */
export interface BankLine {
  battery: Battery
  /** null where the line only counts them */
  series: number | null
  parallel: number | null
  count: number
}

export type BankLineReading = { ok: true; line: BankLine } | { ok: false; message: Told }

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
  const wrong = (message: Told): BankLineReading => ({ ok: false, message })
  if (text.trim() === '') return wrong(told('bankLine.empty'))
  const { blocks, arranged, unread } = partsOf(text)
  if (blocks.length === 0) return wrong(told('bankLine.noBlock'))
  const [{ volts, ah }] = blocks
  const other = blocks.find((block) => block.volts !== volts || block.ah !== ah)
  if (other) return wrong(told('bankLine.unequal', { volts, ah, otherVolts: other.volts, otherAh: other.ah }))
  if (!(ah >= 1)) return wrong(told('bankLine.leastAh'))
  if (ah > MOST_AH) return wrong(told('bankLine.mostAh', { ah, most: MOST_AH }))
  if (volts < 1 || volts > 100) return wrong(told('bankLine.blockVolts'))
  const series = arranged?.series ?? null
  const parallel = arranged?.parallel ?? null
  if ((series ?? 1) > BANK_LIMITS.series || (parallel ?? 1) > BANK_LIMITS.parallel)
    return wrong(told('bankLine.arranged', { series: BANK_LIMITS.series, parallel: BANK_LIMITS.parallel }))
  const chemistry = chemistryIn(text, volts)
  const usual = USUAL[chemistry]
  const counted = blocks.reduce((sum, block) => sum + (block.count ?? 1), 0)
  const count = series && parallel ? series * parallel : counted
  if (count < 1) return wrong(told('bankLine.none'))
  if (count > BANK_LIMITS.series * BANK_LIMITS.parallel) return wrong(told('bankLine.tooMany', { count }))
  const words = { lifepo4: 'LiFePO4', agm: 'AGM', flooded: 'flooded' }[chemistry]
  if (unread.length)
    return wrong(
      told('bankLine.notUnderstood', { pieces: unread.map((said) => told('bankLine.piece', { said })) }),
    )
  const name = `${rounded(volts, 1)} V ${rounded(ah, 2)} Ah ${words}`
  return {
    ok: true,
    line: {
      series,
      parallel,
      count,
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

const rounded = (value: number, digits: number) => String(Number(value.toFixed(digits)))

interface Block {
  count: number | null
  volts: number
  ah: number
}

/** Words of a line that tell the chemistry, and those that say nothing. */
const LITHIUM = /^(?:li|lifepo4?|lfp|lithium|iron|phosphate|li-ion)$/
const FLOODED = /^(?:flooded|wet|lead|acid|lead-acid|deep|cycle|deep-cycle|golf|cart|marine)$/
const AGM = /^(?:agm|gel|sealed|vrla|sla)$/
const SILENT = /^(?:battery|batteries|block|blocks|of|each|and|in|bank|x|at|with|a|an|the|ah|v)$/

/** The blocks of a line and how they are arranged; every piece is accounted for. */
function partsOf(text: string): {
  blocks: Block[]
  arranged: { series: number; parallel: number } | null
  unread: string[]
} {
  let arranged: { series: number; parallel: number } | null = null
  const spoken = text
    .replace(/(\d+)\s*S\s*(\d+)\s*P(?!\p{L})/giu, (_, series: string, parallel: string) => {
      arranged = { series: Number(series), parallel: Number(parallel) }
      return ' '
    })
    .replace(/LiFePO\s?4/gi, 'lfp')
  const blocks: Block[] = []
  const unread: string[] = []
  let count: number | null = null
  let volts: number | null = null
  tokensOf(spoken).forEach((token, i, tokens) => {
    const next = tokens[i + 1]
    const isTimes = next && /^[x×*]$/i.test(next.text)
    const isCount =
      token.kind === 'number' &&
      token.isWhole &&
      (isTimes || next?.kind === 'quantity' || next?.kind === 'word')
    if (isCount && count === null) count = token.value
    else if (token.kind === 'quantity' && token.dimension === 'voltage' && !token.pair && volts === null)
      volts = token.value
    else if (token.kind === 'quantity' && token.dimension === 'charge' && !token.pair && volts !== null) {
      blocks.push({ count, volts, ah: token.value })
      count = volts = null
    } else if (token.kind === 'mark' && /^[×*+,;/()·.-]$/.test(token.text)) return
    else if (token.kind === 'word' && [LITHIUM, FLOODED, AGM, SILENT].some((known) => known.test(token.word)))
      return
    else unread.push(token.text)
  })
  return { blocks, arranged, unread }
}

function chemistryIn(text: string, volts: number): Chemistry {
  const words = tokensOf(text.replace(/LiFePO\s?4/gi, 'lfp')).flatMap((token) =>
    token.kind === 'word' ? [token.word] : [],
  )
  if (words.some((word) => LITHIUM.test(word)) || [12.8, 25.6, 51.2, 3.2, 6.4].includes(volts))
    return 'lifepo4'
  return words.some((word) => FLOODED.test(word)) ? 'flooded' : 'agm'
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
