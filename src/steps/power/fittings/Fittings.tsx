'use client'
import Button from '@mui/material/Button'
import { FieldScope } from '@/ui/field/FieldScope'
import { useState } from 'react'
import { plainOutfit } from '@/catalog/plainOutfit'
import type { Outfit, Source } from '@/core/plan/power'
import { withExpansions } from '@/core/storage/expansion'
import { changeSource } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { Bears } from './Bears'
import { Gives } from './Gives'
import { Takes } from './Takes'
import styles from './Fittings.module.css'

/** What a ready-made source has beside watts and watt-hours, as its label says: outlets, inputs, what it bears. */
export function Fittings({ systemId, source }: { systemId: string; source: Source }) {
  const store = useHouseholdStore()
  const [isOpen, setOpen] = useState(false)
  const { outfit, name } = source
  const put = (part: Partial<Source>) => store.getState().edit(changeSource(systemId, source.id, part))
  const change = (part: Partial<Outfit>) => outfit && put({ outfit: { ...outfit, ...part } })
  return (
    <FieldScope id={`fittings ${systemId} ${source.id}`} name={name}>
      <section className={styles.fittings} aria-label={`Specifications of ${name}`}>
        <h2>
          What {name} has{' '}
          {outfit ? (
            <Button variant="text" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
              {isOpen ? 'Fold it' : 'Its outlets, inputs and limits, as its label says'}
            </Button>
          ) : (
            <Button
              variant="text"
              onClick={() => {
                setOpen(true)
                put({ outfit: plainOutfit(source) })
              }}
            >
              Enter its outlets, inputs and limits
            </Button>
          )}
        </h2>
        {isOpen && outfit && (
          <div className={styles.columns}>
            <Gives
              source={source}
              outfit={outfit}
              put={put}
              change={change}
              setExpansions={(count) => put(withExpansions(source, count))}
            />
            <Takes outfit={outfit} change={change} />
            <Bears outfit={outfit} change={change} />
          </div>
        )}
      </section>
    </FieldScope>
  )
}
