import type { GENERATOR_PLACES } from '../plan/wiringLimits'
import type { RiskClock } from '../risk/riskClock'
import { severityOf } from './severity'

export type Severity = 'danger' | 'serious' | 'note'

/** Who may do what is to be done. */
export type Who = 'you' | 'electrician' | 'supplier'

/** Where a finding arises: the page and the part of it where it is set. */
export interface Place {
  page: 'outage' | 'loads' | 'power' | 'runtime' | 'recharge' | 'hookup'
  part: 'load' | 'source' | 'cord' | 'generator' | 'car' | 'panels' | 'house'
  /** of the load, source, cord or array; the part itself where there is one only */
  id: string | null
}

/** What each finding found: measured and named, in SI units; words are made elsewhere. */
export interface FactsOf {
  'carbon-monoxide': {
    from: 'generator' | 'car'
    where: (typeof GENERATOR_PLACES)[number] | 'not said'
    awayM: number | null
    whileAsleep: boolean
    alarms: number | null
  }
  'back-feed': { names: string[] }
  'floating-neutral': { name: string; source: string; isSaid: boolean }
  'double-bond': { transfer: 'transfer-switch' | 'interlock' }
  'overloaded-cord': {
    cord: string
    names: string[]
    why: 'amps' | 'drop' | 'start drop'
    limitedBy: 'wire' | 'coil' | 'strip'
    amps: number
    ratedA: number
    dropFraction: number
    wire: string
    lengthM: number
    /** null: no cord of that length will do */
    least: string | null
  }
  /** heat, or anything that draws much for hours, on a strip, a wound reel, or a cord near what it carries */
  'hot-cord': {
    name: string
    cord: string
    on: 'strip' | 'reel' | 'cord'
    drawsW: number
    amps: number
    ratedA: number
  }
  'cord-to-find': { name: string; amps: number; lengthM: number; least: string | null }
  'unfused-battery': {
    source: string
    trouble: 'not said' | 'none' | 'too small' | 'too large' | 'interrupts too little' | 'far away'
    amps: number
    leastFuseA: number | null
    saidA: number | null
    shortCircuitA: number
    hasDisconnect: boolean
  }
  /** batteries beside each other without a fuse each */
  'unfused-strings': { source: string; strings: number; isSaid: boolean; shortCircuitA: number }
  /** batteries of one bank that are not alike */
  'mixed-batteries': { source: string; differ: 'kind' | 'size' | 'age'; months: number | null }
  'thin-cable': {
    source: string
    trouble: 'not said' | 'too thin' | 'over its fuse' | 'drop'
    amps: number
    wire: string | null
    least: string | null
    isInFreeAir: boolean
    isDouble: boolean
    lengthM: number
    dropFraction: number | null
  }
  hydrogen: {
    source: string
    chemistry: 'flooded' | 'agm'
    m3PerH: number
    openingCm2: number
    saidCm2: number | null
  }
  'charged-in-frost': { source: string; coldestC: number }
  'panel-volts': { array: string; coldV: number; limitV: number; recordC: number }
  'wrong-voltage': { name: string; volts: number; source: string; isCritical: boolean }
  'start-too-large': { source: string; name: string | null; neededW: number; limitW: number }
  'modified-sine': { source: string; names: string[]; isMedical: boolean }
  'one-source': { name: string; source: string; isShort: boolean; endsMin: number }
  'transfer-gap': { name: string; source: string; gapMs: number | null; isMedical: boolean }
  'ups-input': { name: string; behind: 'generator' | 'modified sine' }
  'what-is-lost': {
    kind: RiskClock['kind']
    name: string
    powerEndsMin: number | null
    lostMin: number
    earliestMin: number
    /** within the outage most likely, not only one time in ten */
    isLikely: boolean
    basis: RiskClock['basis']
  }
  'pit-unknown': { name: string }
  water: { name: string; source: string; aboveFloorM: number | null; isProtected: boolean }
  heat: { source: string; why: 'sun' | 'shut-in' | 'hot hours'; givesFraction: number; hottestC: number }
  'cord-route': { cord: string; route: 'doorway' | 'covered' | 'wet' }
  'daisy-chain': { cord: string; into: string }
  unattended: { from: 'generator' | 'car'; asleep: boolean; minutes: number }
  'smoke-alarms': { count: number | null }
  'grid-return': { sensitive: string[]; compressors: string[] }
  'direct-current': {
    name: string
    why: 'drop' | 'plug'
    /** with nothing lost where its lead is not said */
    arrivesV: number
    dropFraction: number
  }
  'charger-budget': {
    source: string
    names: string[]
    chargerW: number
    meanW: number
    leftW: number
    /** to full; null: never */
    hours: number | null
  }
  'car-socket': {
    askedW: number
    askedA: number
    socketW: number
    socketA: number
    way: 'socket' | 'inverter'
  }
  'car-system': { askedW: number; systemW: number | null; givesW: number | null }
  fuel: { litres: number; isIndoors: boolean; ageMonths: number | null; refills: number }
  lifting: { source: string; weightKg: number; hasStairs: boolean }
}

export type HazardId = keyof FactsOf

interface FindingOf<Id extends HazardId> {
  id: Id
  /** tells it from others of its kind: the hazard and what it is about */
  key: string
  severity: Severity
  place: Place
  who: Who
  facts: FactsOf[Id]
}

/** Something in a plan that can hurt, or be lost. */
export type Finding = { [Id in HazardId]: FindingOf<Id> }[HazardId]

/** Makes a finding. @param about the id of the load, source or cord it is about */
export function finding<Id extends HazardId>(
  id: Id,
  about: string,
  place: Place,
  who: Who,
  facts: FactsOf[Id],
): Finding {
  return { id, key: `${id}:${about}`, severity: severityOf(id, facts), place, who, facts } as Finding
}
