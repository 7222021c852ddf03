import type { RiskKind } from '../risk/riskClock'
import type { FactsOf, HazardId, Severity } from './finding'
import { AWAY_M, DRY_ABOVE_M, MOST_FUEL_L } from './limits'

/** How grave a finding is: the first row whose facts hold; the last holds always. */
type Rows<Id extends HazardId> = readonly (readonly [Severity, (facts: FactsOf[Id]) => boolean])[]

const always = () => true

/** What is lost within the outage, most likely. */
const LOST: Readonly<Record<RiskKind, Severity>> = {
  'breathing-aid': 'danger',
  medicine: 'danger',
  'frozen-pipes': 'serious',
  'flooded-pit': 'serious',
  animals: 'serious',
  aquarium: 'serious',
  'cold-room': 'note',
  freezer: 'serious',
  refrigerator: 'serious',
  roots: 'note',
  phone: 'note',
}
const lost = (severity: Severity) => (facts: FactsOf['what-is-lost']) =>
  facts.isLikely && LOST[facts.kind] === severity

/** How grave each hazard is, by what was found: a table, so that each of its edges can be read and tried. */
export const SEVERITIES: { readonly [Id in HazardId]: Rows<Id> } = {
  'carbon-monoxide': [
    ['danger', ({ whileAsleep }) => whileAsleep],
    ['danger', ({ where }) => where === 'garage' || where === 'carport' || where === 'porch'],
    ['danger', ({ awayM }) => awayM !== null && awayM < AWAY_M],
    // a car moves; how far from the house it stands is not asked
    ['note', ({ from, where }) => from === 'car' && where === 'outdoors'],
    ['note', ({ where, awayM, alarms }) => where === 'outdoors' && awayM !== null && (alarms ?? 0) > 0],
    ['serious', always],
  ],
  'back-feed': [['danger', always]],
  'floating-neutral': [['serious', always]],
  'double-bond': [['serious', always]],
  'overloaded-cord': [
    ['danger', ({ why }) => why === 'amps'],
    ['serious', always],
  ],
  'hot-cord': [['serious', always]],
  'cord-to-find': [['note', always]],
  'unfused-battery': [
    ['danger', ({ trouble }) => trouble === 'none'],
    ['note', ({ trouble }) => trouble === 'far away'],
    ['serious', always],
  ],
  'unfused-strings': [
    ['danger', ({ isSaid }) => isSaid],
    ['serious', always],
  ],
  'mixed-batteries': [
    ['danger', ({ differ }) => differ === 'kind'],
    ['serious', always],
  ],
  'thin-cable': [
    ['danger', ({ trouble }) => trouble === 'too thin' || trouble === 'over its fuse'],
    ['note', ({ trouble }) => trouble === 'drop'],
    ['serious', always],
  ],
  hydrogen: [
    ['danger', ({ chemistry }) => chemistry === 'flooded'],
    ['serious', always],
  ],
  'charged-in-frost': [['serious', always]],
  'panel-volts': [['danger', always]],
  'wrong-voltage': [
    ['serious', ({ isCritical }) => isCritical],
    ['note', always],
  ],
  'start-too-large': [['serious', always]],
  'modified-sine': [
    ['danger', ({ isMedical }) => isMedical],
    ['serious', always],
  ],
  'one-source': [
    ['danger', ({ isShort }) => isShort],
    ['serious', always],
  ],
  'transfer-gap': [
    ['serious', ({ isMedical }) => isMedical],
    ['note', always],
  ],
  'ups-input': [['note', always]],
  'what-is-lost': [
    ['danger', lost('danger')],
    ['serious', lost('serious')],
    ['note', always],
  ],
  'pit-unknown': [['note', always]],
  water: [
    ['danger', ({ aboveFloorM }) => aboveFloorM !== null && aboveFloorM < DRY_ABOVE_M],
    ['serious', always],
  ],
  heat: [
    ['serious', ({ why }) => why === 'shut-in'],
    ['note', always],
  ],
  'cord-route': [
    ['note', ({ route }) => route === 'doorway'],
    ['serious', always],
  ],
  'daisy-chain': [['serious', always]],
  unattended: [['serious', always]],
  'smoke-alarms': [
    ['serious', ({ count }) => count === 0],
    ['note', always],
  ],
  'grid-return': [['note', always]],
  // a plug that fits may have plus and minus the other way round: the device is gone at once
  'direct-current': [['serious', always]],
  'charger-budget': [
    ['note', ({ leftW }) => leftW > 0],
    ['serious', always],
  ],
  'car-system': [
    ['serious', ({ systemW }) => systemW !== null],
    ['note', always],
  ],
  'car-socket': [['serious', always]],
  fuel: [
    ['danger', ({ isIndoors }) => isIndoors],
    ['serious', ({ litres, refills }) => litres > MOST_FUEL_L || refills > 0],
    ['note', always],
  ],
  lifting: [['note', always]],
}

/** How grave a finding is. */
export function severityOf<Id extends HazardId>(id: Id, facts: FactsOf[Id]): Severity {
  return SEVERITIES[id].find(([, holds]) => holds(facts))![0]
}
