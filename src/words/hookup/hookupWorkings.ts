import { formatNumber, formatPercent, formatWatts } from '@/words/format'
import type { Working, WorkingStep, WorkingValue } from '../workings/working'
import { bankOhm } from '@/core/storage/bank'
import type { BatteryCircuit } from '@/core/wiring/batteryCircuit'
import type { ChargerBudget } from '@/core/wiring/chargerBudget'
import type { CordUse } from '@/core/wiring/connections'
import type { Lead } from '@/core/wiring/lead'
import { ratedAh, ventilationOf } from '@/core/wiring/ventilation'
import { type Wire, wireAtMost } from '@/core/wiring/wire'
import { workings } from '../en/hookupWorkings'
import { type Saying, factText } from '../factWords'
import { type Say, sayFrom } from '../translate'

const say: Say = sayFrom(workings)

const amps = (value: number) => `${formatNumber(value, value < 10 ? 1 : 0)} A`
const volts = (value: number) => `${formatNumber(value, value < 100 ? 1 : 0)} V`
const ohmPerM = (wire: Wire) => `${formatNumber(wire.ohmPerM, 5)} Ω/m`
const value = (key: string, text: string, values = {}): WorkingValue => ({
  name: say(`value.${key}`, values),
  value: text,
})
const step = (key: string, values: WorkingValue[], result: string): WorkingStep => ({
  label: say(`${key}.label`),
  formula: say(`${key}.formula`),
  values,
  result,
})

/** How a cord's figures come about: what runs through it, what it bears, what it loses. */
export function cordWorking(use: CordUse, wires: readonly Wire[], saying: Saying): Working {
  const { cord, chain, loads, draw, verdict, least } = use
  const sizes = chain.flatMap(({ name, areaMm2, lengthM }): WorkingValue[] => {
    const wire = areaMm2 === null ? null : wireAtMost(wires, areaMm2)
    const length = factText('lengthM', lengthM, saying)
    return [{ name, value: wire ? `${wire.name}, ${length}, ${ohmPerM(wire)}` : length }]
  })
  const running = value('running', amps(draw.runningA))
  const start = value('start', amps(draw.startA))
  const lost = (share: number) => `${volts(share * draw.volts)}, ${formatPercent(share)}`
  return {
    title: say('cord.title', { name: cord.name }),
    steps: [
      step(
        'cord.running',
        [
          { name: loads.map(({ name }) => name).join(', '), value: formatWatts(draw.runningW) },
          value('volts', volts(draw.volts)),
        ],
        amps(draw.runningA),
      ),
      step('cord.start', [running], amps(draw.startA)),
      ...(verdict
        ? [
            step(
              'cord.carries',
              [value('limit', amps(verdict.ratedA), { limitedBy: verdict.limitedBy })],
              amps(verdict.ratedA),
            ),
            step('cord.lost', [...sizes, running], lost(verdict.runningDrop)),
            step('cord.lostStart', [...sizes, start], lost(verdict.startDrop)),
          ]
        : []),
      step('cord.least', [running, start], least?.name ?? say('unknown')),
    ],
    note: say('cord.note'),
  }
}

/** How cable, fuse and air of a source come about where it is a bank, and what its charger has left. */
export const sourceWorking = (
  name: string,
  circuit: BatteryCircuit | null,
  budget: ChargerBudget | undefined,
  saying: Saying,
): Working => ({
  title: say('circuit.title', { name }),
  steps: [...(circuit ? circuitSteps(circuit, saying) : []), ...(budget ? [chargerStep(budget)] : [])],
  note: say('circuit.note'),
})

function circuitSteps(
  {
    source,
    lowestV,
    amps: most,
    leastFuseA,
    least,
    lengthM,
    volts: nominal,
    cable,
    shortCircuitA,
  }: BatteryCircuit,
  saying: Saying,
): WorkingStep[] {
  const bank = source.bank!
  const air = ventilationOf(bank)
  const wire = cable?.wire ?? least
  const length = value('length', factText('lengthM', lengthM, saying))
  const through = value('amps', amps(most))
  const steps = [
    step(
      'circuit.amps',
      [
        value('watts', formatWatts(source.continuousW.value)),
        value('efficiency', formatPercent(source.efficiencyFraction.value)),
        value('lowest', volts(lowestV)),
      ],
      amps(most),
    ),
    step('circuit.fuse', [through], leastFuseA === null ? say('unknown') : amps(leastFuseA)),
    step('circuit.cable', [through, length], least?.name ?? say('unknown')),
    step(
      'circuit.short',
      [
        value('volts', volts(nominal)),
        { name: 'Ω', value: formatNumber(bankOhm(bank), 4) },
        ...(wire ? [value('ohm', ohmPerM(wire)), length] : []),
      ],
      amps(shortCircuitA),
    ),
  ]
  if (air.m3PerH === 0) return steps
  const gassing = [
    value('cells', formatNumber(Math.round(nominal / 2))),
    { name: 'Ah', value: formatNumber(ratedAh(bank)) },
  ]
  const needed = `${factText('m3PerH', air.m3PerH, saying)}, ${factText('openingCm2', air.openingCm2, saying)}`
  return [...steps, step('circuit.air', gassing, needed)]
}

const chargerStep = ({ source, chargerW, meanW, fullH }: ChargerBudget): WorkingStep =>
  step(
    'circuit.charger',
    [
      value('wh', formatNumber(source.capacityWh.value * (1 - source.reserveFraction.value))),
      value('charger', formatWatts(chargerW)),
      value('direct', formatWatts(meanW)),
    ],
    Number.isFinite(fullH) ? `${formatNumber(fullH, 1)} h` : say('unknown'),
  )

/** How what a lead loses comes about. */
export function leadWorking(
  name: string,
  lead: Lead,
  watts: number,
  passed: number,
  saying: Saying,
): Working {
  const through = value('amps', amps(lead.amps))
  const lost = 12 - lead.arrivesV
  return {
    title: say('lead.title', { name }),
    steps: [
      step(
        'lead.amps',
        [
          value('watts', formatWatts(watts)),
          value('passed', formatPercent(passed)),
          value('volts', volts(12)),
        ],
        amps(lead.amps),
      ),
      step(
        'lead.lost',
        [
          value('length', factText('lengthM', lead.lengthM, saying)),
          through,
          value('ohm', ohmPerM(lead.wire)),
        ],
        `${formatNumber(lost, 2)} V, ${formatPercent(lead.dropFraction)}`,
      ),
      step(
        'lead.heat',
        [value('volts', `${formatNumber(lost, 2)} V`), through],
        formatWatts(lead.lossW + lead.converterW),
      ),
    ],
  }
}
