import type { Plan } from '../plan/document'
import type { RunPrediction } from './predictRun'
import { chargeOfBand } from './runBand'
import type { RunHead } from './runDocument'
import { planOfSegment } from './segments'

/** The plan from the last reading on: this charge, this hour of the clock, and what was switched off stays off. */
export function planFromNow(head: RunHead, { segment, nowMin, band }: RunPrediction): Plan {
  const { p50 } = chargeOfBand(band, nowMin)
  return planOfSegment(head, { ...segment, fromMin: nowMin, chargeFraction: Math.min(1, Math.max(0, p50)) })
}
