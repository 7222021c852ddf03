import type { Evidence, Quantity } from '@/core/quantity/quantity'

/** One value that went into a step: what it is called, its number, its unit, and how it is known. */
export interface WorkingValue {
  name: string
  value: string
  evidence?: Evidence
  source?: string
}

/** One line of a calculation, written so that a reader can redo it with a pocket calculator. */
export interface WorkingStep {
  label: string
  formula: string
  values: WorkingValue[]
  result: string
}

/** How a figure came about: the steps in order, and what the figure does not know. */
export interface Working {
  title: string
  steps: WorkingStep[]
  note?: string
}

/** A value that is known somehow. @param shown with its unit */
export const knownValue = (name: string, quantity: Quantity, shown: string): WorkingValue => ({
  name,
  value: shown,
  evidence: quantity.evidence,
  source: quantity.source,
})
