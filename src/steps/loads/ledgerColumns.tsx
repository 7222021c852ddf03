import ButtonBase from '@mui/material/ButtonBase'
import NativeSelect from '@mui/material/NativeSelect'
import Switch from '@mui/material/Switch'
import type { KeyboardEvent } from 'react'
import { peakRunningW } from '@/core/load/peak'
import { TIERS, type Tier } from '@/core/plan/limits'
import type { HouseholdLoad, Scenario } from '@/core/plan/schema'
import { formatNumber } from '@/words/format'
import { expectedW } from '@/core/simulation/expected'
import { EvidenceMark } from '@/ui/field/EvidenceMark'
import type { DataColumn } from '@/ui/table/DataTable'
import { ledgerColumns as ledgerColumnsWords } from '@/words/en/pages/loads'
import { wordsOf } from '@/words/translate'
import { Grip } from './dragRows'
import { decidingQuantity } from './loadForm'
import styles from './LoadsPage.module.css'
import { TIER_WORDS } from './tierWords'

const say = wordsOf(ledgerColumnsWords)

/** A load as the ledger shows it in one outage. */
export interface LedgerRow {
  load: HouseholdLoad
  on: boolean
  tier: Tier
  /** switched off, or not on the battery in this outage */
  isOut: boolean
  peakW: number
  averageW: number
}

/** What can be done to a load from its row. */
export interface LedgerActs {
  selectedId: string | null
  select: (id: string) => void
  setTier: (id: string, tier: Tier) => void
  setOn: (id: string, on: boolean) => void
  /** moves the keyboard, or the load itself */
  key: (id: string, event: KeyboardEvent<HTMLElement>) => void
}

/** Averages that were worked out: a load that did not change has the one it had. */
const known = new WeakMap<HouseholdLoad, { scenario: Scenario; averageW: number }>()

/** @param standing how it stands in the outage */
export function ledgerRow(
  load: HouseholdLoad,
  standing: Pick<LedgerRow, 'on' | 'tier'> & Pick<Parameters<typeof expectedW>[0], 'steering'>,
  scenario: Scenario,
): LedgerRow {
  let found = known.get(load)
  if (found?.scenario !== scenario) {
    found = { scenario, averageW: expectedW({ ...load, ...standing, sourceId: '' }, scenario) }
    known.set(load, found)
  }
  const { on, tier } = standing
  return {
    load,
    on,
    tier,
    isOut: !on || tier === 'notOnBattery',
    peakW: peakRunningW(load.behaviour),
    averageW: found.averageW,
  }
}

const averageWords = (watts: number) => formatNumber(watts, watts < 10 ? 1 : 0)
const NONE = -1

/** The element that names a load in the ledger. */
export const nameId = (id: string) => `load-${id}`

/** The columns of the ledger, with what each can be put in order by. */
export const ledgerColumns = (title: string, acts: LedgerActs): DataColumn<LedgerRow>[] => [
  {
    id: 'on',
    align: 'center',
    head: <span className="visually-hidden">{say('on')}</span>,
    className: styles.switchCell,
    cell: ({ load, on }) => (
      <>
        <Grip name={load.name} />
        <Switch
          checked={on}
          slotProps={{ input: { 'aria-label': say('on2', { load: load.name }) } }}
          onClick={(event) => event.stopPropagation()}
          onChange={() => acts.setOn(load.id, !on)}
        />
        <span className={styles.onWord} aria-hidden>
          {on ? say('on3') : say('off')}
        </span>
      </>
    ),
  },
  {
    id: 'name',
    head: title,
    isRowHead: true,
    className: styles.nameCell,
    cell: ({ load }) => (
      <ButtonBase
        id={nameId(load.id)}
        className={styles.name}
        dir="auto"
        aria-pressed={load.id === acts.selectedId}
        onKeyDown={(event) => acts.key(load.id, event)}
        onClick={() => acts.select(load.id)}
        title={load.name}
      >
        {load.name}
        {(load.count ?? 1) > 1 && ` × ${load.count}`}
        {load.volts === 240 && ', 240 V'}
      </ButtonBase>
    ),
  },
  {
    id: 'tier',
    head: say('importance'),
    sortBy: ({ tier }) => -TIERS.indexOf(tier),
    cell: ({ load, tier }) => (
      <NativeSelect
        className={styles.tier}
        data-tier={tier}
        value={tier}
        disableUnderline
        inputProps={{ 'aria-label': say('importanceOf', { load: load.name }) }}
        onChange={(event) => acts.setTier(load.id, event.target.value as Tier)}
      >
        {TIERS.map((value) => (
          <option key={value} value={value}>
            {TIER_WORDS[value]}
          </option>
        ))}
      </NativeSelect>
    ),
  },
  {
    id: 'running',
    align: 'right',
    head: say('runningW'),
    className: styles.runningCell,
    sortBy: ({ peakW }) => peakW,
    cell: ({ load, peakW }) => (
      <>
        {peakW > load.behaviour.runningW.value && (
          <small className={styles.peak}>{say('defrosting', { number: formatNumber(peakW, 0) })}</small>
        )}
        {formatNumber(load.behaviour.runningW.value, 1)}
      </>
    ),
  },
  {
    id: 'start',
    align: 'right',
    head: say('startingW'),
    className: 'wide-only',
    sortBy: ({ load }) => load.start?.watts.value ?? NONE,
    cell: ({ load }) =>
      load.start ? (
        formatNumber(load.start.watts.value, 0)
      ) : (
        <span className={styles.none}>{say('noneWord')}</span>
      ),
  },
  {
    id: 'average',
    align: 'right',
    head: say('averageW'),
    className: 'wide-only',
    sortBy: ({ isOut, averageW }) => (isOut ? NONE : averageW),
    cell: ({ isOut, averageW }) => (isOut ? '–' : averageWords(averageW)),
  },
  {
    id: 'day',
    align: 'right',
    head: say('whADay'),
    sortBy: ({ isOut, averageW }) => (isOut ? NONE : averageW),
    cell: ({ isOut, averageW }) => (isOut ? '–' : formatNumber(averageW * 24, 0)),
  },
  {
    id: 'evidence',
    align: 'right',
    head: <span className="visually-hidden">{say('evidence')}</span>,
    className: `wide-only ${styles.mark}`,
    cell: ({ load }) => <EvidenceMark evidence={decidingQuantity(load.behaviour).evidence} />,
  },
]
