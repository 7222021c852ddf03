import { told } from '../quantity/told'
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
        message: told('document.panelVolts', { powerVolts: panel.vmpV, openVolts: panel.vocV }),
      })
    if (panel.impA > panel.iscA)
      faults.push({
        path: `${path}.panel.impA`,
        message: told('document.panelAmps', { powerAmperes: panel.impA, shortAmperes: panel.iscA }),
      })
    if (controller && controller.lowV >= controller.highV)
      faults.push({
        path: `${path}.controller.lowV`,
        message: told('document.windowUpsideDown'),
      })
  })
  if (generator && generator.fullLPerH < generator.idleLPerH)
    faults.push({
      path: `${at}.generator.fullLPerH`,
      message: told('document.burnsLessLoaded'),
    })
  if (generator && generator.surgeW < generator.ratedW)
    faults.push({ path: `${at}.generator.surgeW`, message: told('document.surgeBelowRated') })
  return faults
}
