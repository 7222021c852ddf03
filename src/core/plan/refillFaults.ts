import { formatNumber } from '../quantity/format'
import type { Fault } from './fault'
import type { Refill } from './refill'

/** What is wrong with a refill that its schema cannot see, with what would be right. */
export function refillFaults({ panels, generator }: Refill, at: string): Fault[] {
  const faults: Fault[] = []
  panels.forEach(({ panel, controller }, i) => {
    const path = `${at}.panels[${i}]`
    if (panel.vmpV > panel.vocV)
      faults.push({
        path: `${path}.panel.vmpV`,
        message: `${formatNumber(panel.vmpV, 1)} V at full power is above the open circuit’s ${formatNumber(panel.vocV, 1)} V; Vmp is about 0.83 of Voc`,
      })
    if (panel.impA > panel.iscA)
      faults.push({
        path: `${path}.panel.impA`,
        message: `${formatNumber(panel.impA, 1)} A at full power is above the short circuit’s ${formatNumber(panel.iscA, 1)} A`,
      })
    if (controller && controller.lowV >= controller.highV)
      faults.push({
        path: `${path}.controller.lowV`,
        message: 'must be below the highest volts of the window',
      })
  })
  if (generator && generator.fullLPerH < generator.idleLPerH)
    faults.push({
      path: `${at}.generator.fullLPerH`,
      message: 'must be at least what it burns without load',
    })
  if (generator && generator.surgeW < generator.ratedW)
    faults.push({ path: `${at}.generator.surgeW`, message: 'surge watts must be at least the rated watts' })
  return faults
}
