import { formatDuration, formatExactDuration, formatNumber, formatPercent } from '../../quantity/format'
import type { Working, WorkingStep, WorkingValue } from '../../quantity/working'
import { bankUnits } from '../../storage/bank'
import { type Judged, SEARCH_RUNS } from './search'

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
): Working {
  const hours = byScenario.map(({ scenarioId, runtimeMin, neededMin }): WorkingStep => ({
    label: names.get(scenarioId) ?? scenarioId,
    formula: `the runtime that ${formatPercent(confidence)} of ${SEARCH_RUNS} runs reach; demand realised once for all candidates`,
    values: [{ name: 'needed', value: formatExactDuration(neededMin) }],
    result: `${isBeyond ? 'over ' : ''}${formatDuration(runtimeMin)}`,
  }))
  const { price, owned } = candidate
  return {
    title: candidate.name,
    steps: [
      ...hours,
      {
        label: 'Price',
        formula: owned
          ? 'it is there already'
          : candidate.source.bank
            ? 'batteries × price + inverter + what charges, joins and protects it'
            : 'as listed',
        values: partsOf(candidate, currency),
        result: price === null ? 'not known' : `${formatNumber(price)} ${currency}`,
      },
    ],
    note: why === null ? 'It carries and starts everything, and lasts.' : `Why it does not hold: ${why}.`,
  }
}

function partsOf({ source, fittings }: Judged['candidate'], currency: string): WorkingValue[] {
  const money = (price: number | null) =>
    price === null ? 'not known' : `${formatNumber(price)} ${currency}`
  const { bank, outfit } = source
  if (bank)
    return [
      { name: `${bankUnits(bank)} × ${bank.battery.name}`, value: money(bank.battery.price) },
      ...(bank.inverter ? [{ name: bank.inverter.name, value: money(bank.inverter.price) }] : []),
      ...fittings.map(({ name, price }) => ({ name, value: money(price) })),
    ]
  const expansion = outfit?.expansion
  return expansion && expansion.count > 0
    ? [{ name: `${expansion.count} × expansion battery`, value: money(expansion.price) }]
    : []
}
