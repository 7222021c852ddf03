import { planOf } from '@/core/plan/planOf'
import { forVisitor } from '@/server/request'
import { NOT_FOUND, refuse } from '@/server/respond'
import { storedHousehold } from '@/server/storedHousehold'
import { planRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(planRoute)

/** The plan document of a scenario and a power system, as a file: what `./yotrope simulate` reads. */
export const GET = forVisitor<{ householdId: string }>(async ({ visitor, params, request }) => {
  const kept = await storedHousehold(visitor, params.householdId)
  if (!kept) return refuse(404, 'not-found', NOT_FOUND)
  const { searchParams } = new URL(request.url)
  const { household } = kept.stored
  const scenarioId = searchParams.get('scenario') ?? household.chosen.scenarioId
  const powerSystemId = searchParams.get('powerSystem') ?? household.chosen.powerSystemId
  const known =
    household.scenarios.some(({ id }) => id === scenarioId) &&
    household.powerSystems.some(({ id }) => id === powerSystemId)
  if (!known) return refuse(404, 'not-found', say('thisHouseholdHasNoSuchScenario'))
  return new Response(`${JSON.stringify(planOf(household, scenarioId, powerSystemId), null, 2)}\n`, {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="plan-${scenarioId}-${powerSystemId}.json"`,
      'Cache-Control': 'no-store',
    },
  })
})
