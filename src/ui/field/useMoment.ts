import { formatMoment } from '@/words/clock'
import { useUnits } from './units'

/** Says moments of an outage on the clock as the household reads it, see `formatMoment`. */
export function useMoment() {
  const { clock } = useUnits()
  return (startsAt: string, minutes: number, stepMin = 1) => formatMoment(startsAt, minutes, stepMin, clock)
}
