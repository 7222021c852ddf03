'use client'
import dynamic from 'next/dynamic'
import { part } from '@/ui/shell/part'
import { useSearchParams } from 'next/navigation'
import { useState } from 'react'
import { useHousehold } from '@/ui/household/HouseholdContext'
import { focusSoon } from '@/ui/shell/focusSoon'
import { useMedia } from '@/ui/shell/useMedia'
import { useAddKey } from '@/ui/shell/useShortcuts'
import { loadsPage } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'
import { LoadInspector } from './LoadInspector'
import { LoadLedger } from './LoadLedger'
import styles from './LoadsPage.module.css'
import { SizingNumbers } from './SizingNumbers'

const say = wordsOf(loadsPage)

const loadAdd = () => import('./AddLoadDialog').then((module) => module.AddLoadDialog)
const AddLoadDialog = part(dynamic(loadAdd, { ssr: false }), loadAdd, 'above it')
const LoadSheet = part(
  dynamic(() => import('./LoadSheet').then((module) => module.LoadSheet), { ssr: false }),
  () => import('./LoadSheet').then((module) => module.LoadSheet),
  'above it',
)
const MeasureNext = part(
  dynamic(() => import('@/ui/strip/MeasureNext').then((module) => module.MeasureNext), {
    ssr: false,
  }),
  () => import('@/ui/strip/MeasureNext').then((module) => module.MeasureNext),
)
const DayTrace = part(
  dynamic(() => import('./DayTrace'), { ssr: false }),
  () => import('./DayTrace'),
)

/** The ledger of loads with the inspector beside it. */
export function LoadsPage() {
  const loads = useHousehold((state) => state.household.loads)
  const asked = useSearchParams().get('load')
  const [chosen, setChosen] = useState<{ id: string; asked: string | null } | null>(null)
  const [adding, setAdding] = useState(false)
  useAddKey(() => setAdding(true))
  const wanted = chosen && chosen.asked === asked ? chosen.id : asked
  const selected = loads.find(({ id }) => id === wanted) ?? loads[0]
  // on a narrow screen the inspector comes from below, once a load is picked
  const isNarrow = useMedia('(max-width: 1080px)')
  const [isSheetOpen, setSheetOpen] = useState(asked !== null)
  const select = (id: string, opens = true) => {
    setChosen({ id, asked })
    if (opens) setSheetOpen(true)
  }
  const closeSheet = () => {
    setSheetOpen(false)
    if (selected) focusSoon(`load-${selected.id}`)
  }
  const inspector = selected && <LoadInspector key={selected.id} load={selected} select={select} />
  return (
    <div className={`page-columns ${styles.columns}`}>
      <div className="page-main">
        <LoadLedger selectedId={selected?.id ?? null} select={select} add={() => setAdding(true)} />
        {loads.length > 0 && (
          <>
            <SizingNumbers />
            <DayTrace selectedId={selected?.id ?? null} />
            <div className="later">
              <MeasureNext select={select} />
            </div>
          </>
        )}
      </div>
      {isNarrow ? (
        <LoadSheet isOpen={isSheetOpen && selected !== undefined} close={closeSheet}>
          {inspector}
        </LoadSheet>
      ) : (
        <aside className="page-aside" aria-label={say('theSelectedLoad')}>
          {inspector}
        </aside>
      )}
      {adding && (
        <AddLoadDialog
          onClose={() => setAdding(false)}
          onAdded={(id) => {
            setAdding(false)
            select(id)
            focusSoon(`load-${id}`)
          }}
          afterId={selected?.id}
        />
      )}
    </div>
  )
}
