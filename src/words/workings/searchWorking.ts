import { formatDuration, formatExactDuration, formatNumber, formatPercent } from '@/words/format'
import type { Working, WorkingStep, WorkingValue } from './working'
import { bankUnits } from '@/core/storage/bank'
import { type Judged, SEARCH_RUNS } from '@/core/sizing/search/search'
import { searchWorking as searchWorkingWords } from '../en/workings/option'
import type { Saying } from '../factWords'
import { candidateName } from '../candidateName'
import { sayTold } from '../sayTold'
import { wordsOf } from '../translate'

const say = wordsOf(searchWorkingWords)

/**
 * How the search came to a candidate's figures.
 *
 * @param names of the scenarios by their id
 */
export function searchWorking(
  { candidate, byScenario, isBeyond, why }: Judged,
  names: ReadonlyMap<string, string>,
  confidence: number,
  currency: string,
  saying: Saying,
): Working {
  const hours = byScenario.map(({ scenarioId, runtimeMin, neededMin }): WorkingStep => ({
    label: names.get(scenarioId) ?? scenarioId,
    formula: say('theRuntimeThatOfRunsReach', {
      percent: formatPercent(confidence),
      searchruns: SEARCH_RUNS,
    }),
    values: [{ name: say('needed'), value: formatExactDuration(neededMin) }],
    result: `${isBeyond ? say('over') : ''}${formatDuration(runtimeMin)}`,
  }))
  const { price, owned } = candidate
  return {
    title: candidateName(candidate),
    steps: [
      ...hours,
      {
        label: say('price'),
        formula: owned
          ? say('itIsThereAlready')
          : candidate.source.bank
            ? say('batteriesPriceInverterWhatCharges')
            : say('asListed'),
        values: partsOf(candidate, currency, saying),
        result: price === null ? say('notKnown') : `${formatNumber(price)} ${currency}`,
      },
    ],
    note:
      why === null
        ? say('itCarriesAndStartsEverythingAnd')
        : say('whyItFallsShort', { why: sayTold(why, saying) }),
  }
}

function partsOf(
  { source, fittings }: Judged['candidate'],
  currency: string,
  saying: Saying,
): WorkingValue[] {
  const money = (price: number | null) =>
    price === null ? say('notKnown') : `${formatNumber(price)} ${currency}`
  const { bank, outfit } = source
  if (bank)
    return [
      { name: `${bankUnits(bank)} × ${bank.battery.name}`, value: money(bank.battery.price) },
      ...(bank.inverter ? [{ name: bank.inverter.name, value: money(bank.inverter.price) }] : []),
      ...fittings.map(({ what, price }) => ({ name: sayTold(what, saying), value: money(price) })),
    ]
  const expansion = outfit?.expansion
  return expansion && expansion.count > 0
    ? [{ name: say('expansionBattery', { count: expansion.count }), value: money(expansion.price) }]
    : []
}
