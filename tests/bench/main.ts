import { benchFirstKeys } from './firstKeys'
import { benchHookup } from './hookup'
import { benchManyPlans } from './manyPlans'
import { benchPages } from './pages'
import { benchLongRun, benchPredictions } from './runs'
import { benchRefill } from './refill'
import { benchSearch } from './search'
import { benchSimulation } from './simulation'

/** Runs every benchmark and prints its figures. The page benchmarks want the origin of a running build. */
const origin = process.argv[2]
const figures = {
  ...benchFirstKeys(),
  ...benchSimulation(),
  ...benchSearch(),
  ...benchRefill(),
  ...benchManyPlans(),
  ...benchPredictions(),
  ...benchHookup(),
  ...(origin ? { ...(await benchPages(origin)), ...(await benchLongRun(origin)) } : {}),
}
for (const [name, value] of Object.entries(figures)) console.log(`${name.padEnd(58)} ${value}`)
