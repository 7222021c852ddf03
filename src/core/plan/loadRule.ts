import * as z from 'zod'
import { bounded } from './bounded'
import { idSchema } from './fields'
import { shape } from './shape'

/** A rule by which a load is shed and comes back by itself, looked at every quarter hour. */
export const loadRuleSchema = z.discriminatedUnion('kind', [
  /** only while sun, generator, car or grid give more than so many watts */
  z.strictObject({ kind: z.literal('with supply'), aboveW: bounded('rule.aboveW') }),
  /** dropped below a state of charge, back above a higher one */
  z
    .strictObject({
      kind: z.literal('by charge'),
      dropBelow: bounded('rule.charge'),
      backAbove: bounded('rule.charge'),
    })
    .refine(({ dropBelow, backAbove }) => backAbove > dropBelow, shape('comesBackAbove')),
  /** never while another one runs: that one goes first */
  z.strictObject({ kind: z.literal('not with'), loadId: idSchema }),
])

export type LoadRule = z.infer<typeof loadRuleSchema>
