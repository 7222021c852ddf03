import { told } from '../quantity/told'
import type { Question } from '../reading/facts'

const W_PER_BTU_H = 0.29307107
/** BTU/h of cooling a watt-hour of electricity moves. Common practice, no source. */
export const COOLING_BTU_PER_WH = 10
/** A furnace burns at least so much; less is an air conditioner's. Common practice, no source. */
const LEAST_BURNT_BTU_H = 30_000
const FURNACE_W = 550

/** BTU/h: of gas burnt, of cooling, or of electric heat; the likeliest first. */
export function heatQuestion(btuH: number, text: string): Question {
  const said = (watts: number) =>
    text.replace(
      /[\d.,]+\s?k?\s?(?:btus?|btuh|mbh)(?:\s?(?:\/|per|an)\s?(?:h|hr|hour))?(?![\p{L}])/iu,
      `${watts} W`,
    )
  const gas = {
    words: told('line.burnt', { drawnW: FURNACE_W }),
    text: said(FURNACE_W),
  }
  const coolingW = Math.round(btuH / COOLING_BTU_PER_WH)
  const cooling = {
    words: told('line.cooling', { drawnW: coolingW, perWattHour: COOLING_BTU_PER_WH }),
    text: said(coolingW),
  }
  const heatW = Math.round(btuH * W_PER_BTU_H)
  const heat = { words: told('line.electricHeat', { drawnW: heatW }), text: said(heatW) }
  return {
    message: told('line.whichHeat', { btu: btuH }),
    meant: btuH >= LEAST_BURNT_BTU_H ? [gas, heat] : [cooling, gas, heat],
  }
}
