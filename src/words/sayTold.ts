import { told } from './en/told'
import { sayToldFrom } from './sayToldFrom'

/** Says what plans and answers tell. */
export const sayTold = sayToldFrom(told)
