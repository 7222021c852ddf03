import { alternatorIdleW } from '@/core/refill/alternator'
import type { Car, Generator, Panel, PanelArray } from '@/core/plan/refill'

/**
 * Panels, generators and cars as such things usually are: ratings from memory, nobody's product. Crystalline
 * silicon: Voc −0.28 %/K, watts −0.37 %/K, NOCT 45 °C (from memory).
 */
const panel = (watts: number, vocV: number, iscA: number): Panel => ({
  watts,
  vocV,
  vmpV: Math.round(vocV * 0.835 * 10) / 10,
  iscA,
  impA: Math.round((watts / (vocV * 0.835)) * 100) / 100,
  vocPerK: -0.0028,
  wattsPerK: -0.0037,
  noctC: 45,
})

export const PANELS: readonly { id: string; name: string; panel: Panel }[] = [
  { id: 'panel-100', name: '100 W panel', panel: panel(100, 22.4, 5.9) },
  { id: 'panel-200', name: '200 W folding panel', panel: panel(200, 26.4, 9.7) },
  { id: 'panel-220', name: '220 W panel', panel: panel(220, 24.6, 11.4) },
  { id: 'panel-405', name: '405 W house panel', panel: panel(405, 37.1, 13.8) },
]

/** Dirt, wires, mismatch and age together. Source: PVWatts Version 5, NREL/TP-6A20-62641 (14 %). */
export const USUAL_LOSS = 0.14

/** An array of a class of panel, as one sets it up without thinking: facing the equator, at a middling tilt. */
export function arrayOf(panelId: string, id: string, of: Partial<PanelArray> = {}): PanelArray {
  const found = PANELS.find((one) => one.id === panelId)
  if (!found) throw new RangeError(`no panel class ${panelId}`)
  return {
    id,
    name: found.name,
    on: true,
    panel: found.panel,
    series: 1,
    parallel: 1,
    tiltDeg: 40,
    azimuthDeg: 180,
    horizon: [],
    shade: [],
    lossFraction: USUAL_LOSS,
    controller: null,
    ...of,
  }
}

const USUAL_AMPS = { MPPT: 30, PWM: 20 }

/**
 * A controller for a bank, as it is usually sold: an MPPT one begins some volts above the bank's and bears 150 or
 * 250 V; a PWM one joins the panels to the battery and bears 50 or 100 V. From memory.
 */
export const usualController = (
  bankV: number,
  kind: 'MPPT' | 'PWM' = 'MPPT',
): NonNullable<PanelArray['controller']> => ({
  kind,
  lowV: Math.round(bankV * (kind === 'MPPT' ? 1.25 : 1.08)),
  highV: kind === 'MPPT' ? (bankV > 30 ? 250 : 150) : bankV > 30 ? 100 : 50,
  amps: kind === 'MPPT' ? 20 : USUAL_AMPS.PWM,
  watts: Math.round(bankV * 1.1 * USUAL_AMPS[kind]),
})

/** Fuel by size, from memory: about 0.35 L/kWh at full load, a quarter of the full flow without load. */
export function generatorOf(ratedW: number, onHandL = 20): Generator {
  const fullLPerH = Math.round(ratedW * 0.00045 * 100) / 100 + 0.1
  return {
    name: `${ratedW / 1000} kW inverter generator`,
    on: true,
    ratedW,
    surgeW: Math.round(ratedW * 1.15),
    idleLPerH: Math.round(fullLPerH * 0.28 * 100) / 100,
    fullLPerH,
    tankL: ratedW > 3000 ? 12 : 4,
    onHandL,
    startDelayMin: 10,
    quiet: [{ from: '22:00', to: '07:00' }],
  }
}

/** Ways a car gives: the 12 V socket about 100 W, cables to the alternator what that bears at idle. Common practice, no source. */
export const CARS: Record<Car['way'], Car> = {
  '12 V socket': carOf('Car, 12 V socket', '12 V socket', 100),
  alternator: {
    ...carOf('Car, cables to the alternator', 'alternator', Math.round(alternatorIdleW(80))),
    alternatorA: 80,
  },
  inverter: carOf('Car, 300 W inverter', 'inverter', 300),
  electric: {
    ...carOf('Electric car, outlet', 'electric', 1800),
    idleLPerH: 0,
    onHandL: 0,
    batteryWh: 60_000,
    floorFraction: 0.4,
  },
}

function carOf(name: string, way: Car['way'], watts: number): Car {
  return { name, on: true, way, watts, idleLPerH: 0.9, onHandL: 30, batteryWh: 0, floorFraction: 0 }
}
