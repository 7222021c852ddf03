'use client'
import Button from '@mui/material/Button'
import { LIMITS } from '@/core/plan/limits'
import { MOST_WIRING, type NeedKind } from '@/core/plan/wiringLimits'
import type { Plan } from '@/core/plan/document'
import type { Need } from '@/core/plan/wiring'
import { FieldScope } from '@/ui/field/FieldScope'
import { FieldTable } from '@/ui/field/FieldTable'
import type { FieldRow } from '@/ui/field/fieldRows'
import { freshId, freshName } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { changeNeed } from '@/ui/household/wiringEdits'
import { needsList } from '@/words/en/pages/hookup'
import { wordsOf } from '@/words/translate'

const say = wordsOf(needsList)

const NO_LOAD = ''
const KINDS: readonly { value: NeedKind; words: string; name: string; hours: number }[] = [
  { value: 'medicine', words: say('medicineThatNeedsCold'), name: say('medicine'), hours: 8 },
  { value: 'aquarium', words: say('fish'), name: say('aquarium'), hours: 4 },
  { value: 'animals', words: say('animals'), name: say('animalsSuffer'), hours: 6 },
  { value: 'roots', words: say('plantsWithRootsInAirOr'), name: say('plants'), hours: 2 },
  { value: 'phone', words: say('aTelephoneLine'), name: say('telephone'), hours: 0 },
]

const needFields = (plan: Plan): readonly FieldRow<Need>[] => [
  {
    kind: 'choice',
    label: say('whatSuffers'),
    options: KINDS,
    value: ({ kind }) => kind,
    put: (need, kind) => ({ ...need, kind: kind as NeedKind }),
  },
  {
    kind: 'text',
    label: say('called'),
    maxLength: LIMITS.nameLength,
    value: ({ name }) => name,
    put: (need, name) => ({ ...need, name }),
  },
  {
    kind: 'choice',
    label: say('keptBy'),
    options: [
      { value: NO_LOAD, words: say('wallPowerOnly') },
      ...plan.loads.map(({ id, name }) => ({ value: id, words: name })),
    ],
    value: ({ loadId }) => loadId ?? NO_LOAD,
    put: ({ loadId, ...need }, id) => (void loadId, id === NO_LOAD ? need : { ...need, loadId: id }),
  },
  {
    kind: 'quantity',
    label: say('lastsWithoutPower'),
    path: 'need.hours',
    value: ({ hours }) => hours,
    put: (need, hours) => ({ ...need, hours }),
  },
]

/** What suffers beside what the loads say of themselves: medicine, animals, plants. */
export function NeedsList({ plan }: { plan: Plan }) {
  const { edit } = useHouseholdStore().getState()
  const needs = plan.wiring?.risk?.needs ?? []
  const add = () => {
    const { name: usual, value: kind, hours } = KINDS[0]
    const name = freshName(usual, needs)
    edit(changeNeed(freshId(name, needs), { id: freshId(name, needs), kind, name, hours }))
  }
  return (
    <>
      {needs.map((need) => (
        <FieldScope key={need.id} id={need.id} name={need.name}>
          <section aria-label={need.name}>
            <FieldTable
              rows={needFields(plan)}
              state={need}
              change={(next) => edit(changeNeed(need.id, next))}
            />
            <Button variant="text" onClick={() => edit(changeNeed(need.id, null))}>
              {say('remove', { need: need.name })}
            </Button>
          </section>
        </FieldScope>
      ))}
      <div>
        <Button variant="text" onClick={add} disabled={needs.length >= MOST_WIRING.needs}>
          {say('addMedicineAnimalsOrPlants')}
        </Button>
      </div>
    </>
  )
}
