'use client'
import Checkbox from '@mui/material/Checkbox'
import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { sourceOf } from '@/catalog/equipment'
import type { Equipment } from '@/core/plan/equipment'
import { LIMITS } from '@/core/plan/limits'
import type { PowerSystem, Source } from '@/core/plan/power'
import { formatDuration, formatEnergy } from '@/words/format'
import { addSource, changeSource, freshId, freshName, hangLoad, removeSource } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore, usePlan } from '@/ui/household/HouseholdContext'
import { SelectField } from '@/ui/field/SelectField'
import { sourcesPanel } from '@/words/en/pages/equipment'
import { wordsOf } from '@/words/translate'
import { ClassMenu } from './ClassMenu'
import styles from './PowerPage.module.css'

const say = wordsOf(sourcesPanel)

const BESIDE = 'beside'

/** Several sources in one system: what takes over from what, what is away, and which load hangs where. */
export function SourcesPanel({ system }: { system: PowerSystem }) {
  const store = useHouseholdStore()
  const plan = usePlan()
  const mains = useHousehold(({ household }) => household.profile.mains)
  const result = useHousehold(({ evaluation }) => evaluation?.result)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const { edit } = store.getState()
  const { sources } = system
  const emptyOf = (id: string) =>
    result?.chains.flatMap((chain) => chain.sources).find(({ sourceId }) => sourceId === id)?.emptyMin.p50
  const add = (item: Equipment) => {
    const name = freshName(item.source.name, sources)
    const source = sourceOf(item, freshId(name, sources), mains === '230 V' ? 230 : 120)
    edit(addSource(system.id, { ...source, name }))
  }
  const heads = sources.filter(({ afterSourceId }) => afterSourceId === null)
  return (
    <section className="section" aria-label={say('sourcesOf', { system: system.name })}>
      <h2>
        {say('inWord', {
          nSources: sources.length === 1 ? say('oneSource') : say('sources', { nSources: sources.length }),
          system: system.name,
        })}
      </h2>
      {sources.length > 1 && (
        <div className="scroll-x">
          <Table>
            <TableHead>
              <TableRow>
                <TableCell scope="col">{say('source')}</TableCell>
                <TableCell scope="col">{say('stored')}</TableCell>
                <TableCell scope="col">{say('emptyAfter')}</TableCell>
                <TableCell scope="col">{say('itsTurn')}</TableCell>
                <TableCell scope="col">{say('here')}</TableCell>
                <TableCell scope="col">
                  <span className="visually-hidden">{say('remove')}</span>
                </TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {sources.map((source) => (
                <TableRow key={source.id}>
                  <TableCell component="th" scope="row" dir="auto">
                    {source.name}
                  </TableCell>
                  <TableCell>{formatEnergy(source.capacityWh.value)}</TableCell>
                  <TableCell>{source.isAway ? say('away') : wordsFor(emptyOf(source.id))}</TableCell>
                  <TableCell>
                    <SelectField
                      cell
                      label={say('turnOf', { source: source.name })}
                      value={source.afterSourceId ?? BESIDE}
                      options={turnsFor(source, sources)}
                      onChange={(choice) =>
                        edit(
                          changeSource(system.id, source.id, {
                            afterSourceId: choice === BESIDE ? null : choice,
                          }),
                        )
                      }
                    />
                  </TableCell>
                  <TableCell>
                    <Checkbox
                      size="small"
                      slotProps={{ input: { 'aria-label': say('isHere', { source: source.name }) } }}
                      checked={!source.isAway}
                      disabled={!source.isAway && sources.filter(({ isAway }) => !isAway).length === 1}
                      onChange={(event) =>
                        edit(
                          changeSource(system.id, source.id, {
                            isAway: event.target.checked ? undefined : true,
                          }),
                        )
                      }
                    />
                  </TableCell>
                  <TableCell>
                    <Button
                      variant="text"
                      aria-label={say('removeSource', { source: source.name })}
                      onClick={() => edit(removeSource(system.id, source.id))}
                    >
                      {say('remove2')}
                    </Button>
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </div>
      )}
      {sources.some(({ afterSourceId }) => afterSourceId !== null) && (
        <p className="hint">{say('atTheSwapTheLoadsAre')}</p>
      )}
      {heads.length > 1 && (
        <>
          <h3>{say('whatIsPluggedInWhere')}</h3>
          <div className={styles.hangings}>
            {plan.loads
              .filter(({ tier }) => tier !== 'notOnBattery')
              .map((load) => (
                <SelectField
                  key={load.id}
                  label={load.name}
                  value={load.sourceId}
                  options={heads.map(({ id, name }) => ({ value: id, words: name }))}
                  onChange={(sourceId) => edit(hangLoad(system.id, load.id, sourceId))}
                />
              ))}
          </div>
        </>
      )}
      <Button
        onClick={(event) => setAnchor(event.currentTarget)}
        disabled={sources.length >= LIMITS.sources}
        aria-haspopup="menu"
      >
        {say('addASourceBesideIt')}
      </Button>
      {anchor && <ClassMenu anchor={anchor} onClose={() => setAnchor(null)} pick={add} />}
    </section>
  )
}

function wordsFor(minutes: number | undefined): string {
  if (minutes === undefined) return '–'
  return minutes === Infinity ? say('notInSight') : formatDuration(minutes)
}

/** What a source may follow: any that nobody follows yet and that does not follow it. */
function turnsFor(source: Source, sources: readonly Source[]) {
  const follows = (one: Source, other: Source): boolean => {
    if (one.afterSourceId === null) return false
    if (one.afterSourceId === other.id) return true
    const before = sources.find(({ id }) => id === one.afterSourceId)
    return before ? follows(before, other) : false
  }
  return [
    { value: BESIDE, words: say('besideTheOthers') },
    ...sources
      .filter(
        (other) =>
          other.id !== source.id &&
          !follows(other, source) &&
          !sources.some(({ id, afterSourceId }) => afterSourceId === other.id && id !== source.id),
      )
      .map(({ id, name }) => ({ value: id, words: say('after', { name }) })),
  ]
}
