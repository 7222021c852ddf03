'use client'
import Button from '@mui/material/Button'
import { FieldScope } from '@/ui/field/FieldScope'
import { useState } from 'react'
import { plainOutfit } from '@/catalog/plainOutfit'
import type { Outfit, Source } from '@/core/plan/power'
import { withExpansions } from '@/core/storage/expansion'
import { changeSource } from '@/ui/household/edits'
import { useHouseholdStore } from '@/ui/household/HouseholdContext'
import { fittings as fittingsWords } from '@/words/en/pages/equipment'
import { wordsOf } from '@/words/translate'
import { Inputs } from './Inputs'
import { Limits } from './Limits'
import { Outputs } from './Outputs'
import styles from './Fittings.module.css'

const say = wordsOf(fittingsWords)

/** What a ready-made source has beside watts and watt-hours, as its label says: outlets, inputs, limits. */
export function Fittings({ systemId, source }: { systemId: string; source: Source }) {
  const store = useHouseholdStore()
  const [isOpen, setOpen] = useState(false)
  const { outfit, name } = source
  const put = (part: Partial<Source>) => store.getState().edit(changeSource(systemId, source.id, part))
  const change = (part: Partial<Outfit>) => outfit && put({ outfit: { ...outfit, ...part } })
  return (
    <FieldScope id={`fittings ${systemId} ${source.id}`} name={name}>
      <section className={styles.fittings} aria-label={say('specificationsOf', { name })}>
        <h2>
          {say('whatHas', { name })}{' '}
          {outfit ? (
            <Button variant="text" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
              {isOpen ? say('showLess') : say('itsOutletsInputsAndLimitsAs')}
            </Button>
          ) : (
            <Button
              variant="text"
              onClick={() => {
                setOpen(true)
                put({ outfit: plainOutfit(source) })
              }}
            >
              {say('enterItsOutletsInputsAndLimits')}
            </Button>
          )}
        </h2>
        {isOpen && outfit && (
          <div className={styles.columns}>
            <Outputs
              source={source}
              outfit={outfit}
              put={put}
              change={change}
              setExpansions={(count) => put(withExpansions(source, count))}
            />
            <Inputs outfit={outfit} change={change} />
            <Limits outfit={outfit} change={change} />
          </div>
        )}
      </section>
    </FieldScope>
  )
}
