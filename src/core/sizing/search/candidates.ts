import { type Told, told } from '../../quantity/told'
import { bankFaults } from '../../plan/bankFaults'
import type { Plan } from '../../plan/document'
import type { Equipment } from '../../plan/equipment'
import { BANK_LIMITS } from '../../plan/limits'
import type { Bank, Battery, Inverter, Source } from '../../plan/power'
import type { Load } from '../../plan/schema'
import { quantity } from '../../quantity/quantity'
import { leftOutWhy } from '../../simulation/compile'
import { sourceOfBank, usualReserve } from '../../storage/bank'
import type { Controller } from '../../refill/restrung'
import { type BankFittings, type Fitting, fittingsOf } from './bankFittings'
import { piecesOf, totalWeightKg, withExpansions } from '../../storage/expansion'

/** What a search may choose from. */
export interface SearchStock {
  equipment: readonly Equipment[]
  batteries: readonly Battery[]
  inverters: readonly Inverter[]
  /** what a bank's source takes its other figures from */
  bankBase: Source
  /** what a bank needs beside batteries and inverter; not counted without it */
  fittings?: BankFittings
  /** what joins panels to a bank, by its volts; without it panels refill no bank */
  controllers?: readonly { bankV: number; controller: Controller }[]
}

/** What a search must keep to. Null: no limit. */
export interface SearchConstraints {
  budget: number | null
  pieceKg: number | null
  allowsFlooded: boolean
  /** a modified sine wave harms motors and medical devices */
  allowsModifiedSine: boolean
  gives240V: boolean
  stations: boolean
  banks: boolean
  /** nothing that has to be wired */
  plugAndPlay: boolean
  /** switches over by itself within so many ms; null: need not */
  transferMs: number | null
  /** panels are to refill it: a bank needs a controller for them */
  joinsPanels: boolean
  /** what refills the plan counts too; without it one charge has to do */
  countsRefill: boolean
}

/** What is searched unless more is asked for: no gas indoors, no wave that harms. */
export const USUAL_CONSTRAINTS: SearchConstraints = {
  budget: null,
  pieceKg: null,
  allowsFlooded: false,
  allowsModifiedSine: false,
  gives240V: false,
  stations: true,
  banks: true,
  plugAndPlay: false,
  transferMs: null,
  joinsPanels: false,
  countsRefill: false,
}

/** Whether a plan is to carry a load, whatever its source gives. */
function isWanted(load: Load, plan: Plan): boolean {
  const why = leftOutWhy(load, plan)
  return why === null || why === 'voltage' || why === 'away'
}

/**
 * What is searched for a plan unless more is asked for: nothing to be wired where somebody depends on a medical device, what
 * joins the panels where there are some.
 *
 * @param countsRefill what refills it counts
 */
export const usualConstraints = (plan: Plan, countsRefill: boolean): SearchConstraints => ({
  ...USUAL_CONSTRAINTS,
  plugAndPlay: plan.loads.some((load) => load.medical && isWanted(load, plan)),
  joinsPanels: countsRefill && plan.refill.panels.some(({ on }) => on),
  countsRefill,
})

/** Everything there is. */
export const NO_CONSTRAINTS: SearchConstraints = {
  ...USUAL_CONSTRAINTS,
  allowsFlooded: true,
  allowsModifiedSine: true,
}

/** One thing the search looks at. */
export interface SearchCandidate {
  id: string
  name: string
  /** expansion batteries with it */
  expansions: number
  source: Source
  /** what is still to be paid; null when not known */
  price: number | null
  /** all pieces together */
  totalKg: number | null
  pieces: number
  owned: boolean
  /** what is bought with it; in its price */
  fittings: Fitting[]
}

/** The most rows of batteries a search looks at, and the largest bank it makes. */
const MOST_ROWS = BANK_LIMITS.usualParallel
const LARGEST_BANK_WH = 40_000

/** Everything the stock can be made into: stations with each number of expansions, batteries × series × parallel × inverter. */
export function candidatesOf(stock: SearchStock, want: SearchConstraints): SearchCandidate[] {
  const found = new Map<string, SearchCandidate>()
  const add = (candidate: SearchCandidate) => found.set(candidate.id, candidate)
  for (const { id, source, owned } of stock.equipment) {
    if (source.bank ? !want.banks : !want.stations && !owned) continue
    const most = owned || source.bank ? 0 : (source.outfit?.expansion?.most ?? 0)
    for (let count = 0; count <= most; count++) {
      const made = most > 0 ? withExpansions(source, count) : source
      add({ ...candidateOf(count > 0 ? `${id}-${count}` : id, made, owned), expansions: count })
    }
  }
  if (want.banks)
    for (const battery of stock.batteries)
      for (const inverter of stock.inverters)
        for (const bank of banksOf(battery, inverter)) {
          const name = `${bank.series}S${bank.parallel}P ${battery.name}, ${inverter.name}`
          const id = `${bank.series}s${bank.parallel}p ${battery.name} ${inverter.name}`.replace(
            /[^A-Za-z0-9]+/g,
            '-',
          )
          const reserve = usualReserve(battery.chemistry)
          const base: Source = {
            ...stock.bankBase,
            name,
            reserveFraction: quantity(reserve, '1', 'typical', { plusMinus: 0.02 }),
          }
          const { fittings, chargerA } = stock.fittings
            ? fittingsOf(sourceOfBank(base, bank), stock.fittings, want.joinsPanels)
            : { fittings: [], chargerA: null }
          const fitted: Bank = {
            ...bank,
            chargerA,
            fittingsPrice: fittings.reduce((sum, { price }) => sum + price, 0),
          }
          add({ ...candidateOf(id.slice(0, 64), sourceOfBank(base, fitted), false), fittings })
        }
  return [...found.values()]
}

function banksOf(battery: Battery, inverter: Inverter): Bank[] {
  const banks: Bank[] = []
  for (let series = 1; series * battery.volts <= inverter.dcVolts * 1.15; series++)
    for (let parallel = 1; parallel <= MOST_ROWS; parallel++) {
      const bank: Bank = {
        battery,
        series,
        parallel,
        // its search mode turned off: in it small loads would get nothing
        inverter: { ...inverter, search: null },
        chargerA: null,
        halfUsedSchool: 'at 12.05 V',
      }
      const wh = battery.volts * series * battery.capacityAh.value * parallel
      if (wh <= LARGEST_BANK_WH && bankFaults(bank, '').length === 0) banks.push(bank)
    }
  return banks
}

function candidateOf(id: string, source: Source, owned: boolean): SearchCandidate {
  return {
    id,
    name: source.name,
    expansions: 0,
    source: { ...source, id: 'main', name: source.name.slice(0, 80) },
    price: owned ? 0 : source.price,
    totalKg: totalWeightKg(source),
    pieces: piecesOf(source),
    owned,
    fittings: [],
  }
}

/** Why a candidate is out before it is run, and by how much (1: no less than all); null when it is not. */
export function outBeforehand(
  candidate: SearchCandidate,
  want: SearchConstraints,
): { why: Told; missedBy: number } | null {
  const { price, source } = candidate
  const { budget, pieceKg } = want
  const out = (what: string, missedBy = 1, values: Told['with'] = {}) => ({
    why: told(`search.${what}`, values),
    missedBy,
  })
  if (budget !== null && price === null) return out('noPrice')
  if (budget !== null && price! > budget)
    return out('overBudget', (price! - budget) / Math.max(1, budget), { over: Math.ceil(price! - budget) })
  if (pieceKg !== null && source.weightKg !== null && source.weightKg > pieceKg)
    return out('heavy', (source.weightKg - pieceKg) / Math.max(1, pieceKg), { pieceKg: source.weightKg })
  if (!want.allowsFlooded && source.bank?.battery.chemistry === 'flooded') return out('gas')
  if (!want.allowsModifiedSine && source.bank?.inverter?.wave === 'modified sine') return out('modifiedSine')
  if (want.plugAndPlay && source.bank) return out('wired')
  if (want.transferMs !== null) {
    const ms = source.outfit?.transferMs ?? null
    if (ms === null) return out('noSwitchOver')
    if (ms > want.transferMs) return out('slowSwitchOver', 1, { switchesMs: ms })
  }
  if (want.gives240V && !source.volts.includes(240)) return out('no240V')
  return null
}
