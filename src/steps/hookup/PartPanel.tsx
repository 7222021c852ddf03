'use client'
import Button from '@mui/material/Button'
import Link from 'next/link'
import type { ReactNode } from 'react'
import type { Plan } from '@/core/plan/document'
import { converterOf } from '@/core/load/dcFeed'
import { servesFor } from '@/core/load/servesFor'
import type { Cord } from '@/core/plan/wiring'
import { chargerBudgets } from '@/core/wiring/chargerBudget'
import type { Diagram } from '@/core/wiring/diagram'
import { drawOf } from '@/core/wiring/draw'
import { leadOf } from '@/core/wiring/lead'
import type { BatteryCircuit } from '@/core/wiring/batteryCircuit'
import { legBalance } from '@/core/wiring/legs'
import { type TakeOff, stringCurrents } from '@/core/wiring/stringCurrents'
import { WIRING_TABLES } from '@/catalog/wires'
import { partPanel } from '@/words/en/pages/hookup'
import { chargerWords, leadWords, legWords, stringWords } from '@/words/hookup/hookupWords'
import { GUESSED_LENGTH_M, connectionsOf, isUsuallyFixed } from '@/core/wiring/connections'
import { FieldScope } from '@/ui/field/FieldScope'
import { FieldTable } from '@/ui/field/FieldTable'
import { freshId, freshName } from '@/ui/household/edits'
import { useHousehold, useHouseholdStore } from '@/ui/household/HouseholdContext'
import {
  addCord,
  changeCord,
  changeHouseWiring,
  changeLoadWiring,
  changePit,
  changeSourceWiring,
  removeCord,
} from '@/ui/household/wiringEdits'
import { wordsOf } from '@/words/translate'
import { cordFields } from './cordFields'
import styles from './hookup.module.css'
import { later } from '@/ui/shell/part'
import { carFields, generatorFields } from './houseFields'
import { type LoadForm, NEW_CORD, loadFields } from './loadFields'
import type { Selected } from './selected'
import { WorkedOut } from './WorkedOut'
import { sourceFields } from './sourceFields'

const say = wordsOf(partPanel)

const workings = later(() => import('@/words/hookup/hookupWorkings'))

/** What can be set of the part of the drawing that was picked. */
export function PartPanel(props: {
  selected: Selected
  plan: Plan
  diagram: Diagram
  select: (selected: Selected) => void
}) {
  const { selected, plan, diagram, select } = props
  const householdId = useHousehold((state) => state.householdId)
  const { edit } = useHouseholdStore().getState()
  const wiring = plan.wiring ?? {}
  const cords = wiring.cords ?? []
  const saying = { units: plan.household.units, startsAt: plan.scenario.startsAt }
  const link = (page: string, words: string) => (
    <Link href={`/h/${householdId}/${page}`} prefetch={false} className="soft">
      {words}
    </Link>
  )
  const panel = (id: string, name: string, fields: ReactNode, more?: ReactNode) => (
    <FieldScope id={id} name={name}>
      <section
        className={styles.part}
        aria-label={say('connectionOf', { name })}
        id="hookup-part"
        tabIndex={-1}
      >
        <h2>{name}</h2>
        {fields}
        {more}
      </section>
    </FieldScope>
  )

  switch (selected.kind) {
    case 'load': {
      const load = plan.loads.find(({ id }) => id === selected.id)
      if (!load) return null
      const form: LoadForm = {
        wiring: wiring.loads?.find(({ loadId }) => loadId === load.id) ?? { loadId: load.id },
        pit: wiring.risk?.pits?.find(({ loadId }) => loadId === load.id) ?? null,
      }
      const change = ({ wiring: next, pit }: LoadForm) => {
        if (next.cordId === NEW_CORD) {
          const cord = newCord(load.name, cords)
          edit(addCord(cord, load.id))
          select({ kind: 'cord', id: cord.id })
          return
        }
        edit((household) => {
          const wired = changeLoadWiring(load.id, next)(household)
          return pit === form.pit ? wired : changePit(load.id, pit)(wired)
        })
      }
      const rows = loadFields(
        load,
        cords,
        isUsuallyFixed(load) ? 'hard-wired' : 'cord',
        servesFor(load) === 'pit',
      )
      const lead = leadOf(load, form.wiring, WIRING_TABLES.wires)
      return panel(
        load.id,
        load.name,
        <>
          <FieldTable rows={rows} state={form} change={change} />
          {lead && (
            <p className="hint">
              {leadWords(lead)}{' '}
              <WorkedOut
                make={async () =>
                  (await workings()).leadWorking(
                    load.name,
                    lead,
                    drawOf(load).runningW,
                    converterOf(form.wiring),
                    saying,
                  )
                }
              />
            </p>
          )}
        </>,
        link('loads', say('wattsVoltsAndStartLoads')),
      )
    }
    case 'cord': {
      const cord = cords.find(({ id }) => id === selected.id)
      if (!cord) return null
      const use = connectionsOf(plan, WIRING_TABLES).cords.find((one) => one.cord.id === cord.id)!
      const others = cords.filter(({ id }) => id !== cord.id && !isBehind(cords, id, cord.id))
      return panel(
        cord.id,
        cord.name,
        <FieldTable
          rows={cordFields(others)}
          state={cord}
          change={({ id, ...part }: Cord) => edit(changeCord(id, part))}
        />,
        <>
          {use.loads.length > 0 && (
            <WorkedOut make={async () => (await workings()).cordWorking(use, WIRING_TABLES.wires, saying)} />
          )}{' '}
          <Button
            variant="text"
            onClick={() => {
              edit(removeCord(cord.id))
              select({ kind: 'house', id: 'house' })
            }}
          >
            {say('removeThisCord')}
          </Button>
        </>,
      )
    }
    case 'source': {
      const hub = diagram.hubs.find(({ source }) => source.id === selected.id)
      if (!hub) return null
      const systemId = plan.powerSystem.id
      const charger = chargerBudgets(plan).find(({ source }) => source.id === hub.source.id)
      const state = wiring.sources?.find(
        (one) => one.sourceId === hub.source.id && one.powerSystemId === systemId,
      ) ?? { powerSystemId: systemId, sourceId: hub.source.id }
      return panel(
        hub.source.id,
        hub.source.name,
        <>
          <FieldTable
            rows={sourceFields(hub.source, hub.circuit?.leastFuseA ?? null)}
            state={state}
            change={(part) => edit(changeSourceWiring(systemId, hub.source.id, part))}
          />
          {hub.circuit && (hub.source.bank?.parallel ?? 1) > 1 && (
            <p className="hint">{sharesOf(hub.circuit)}</p>
          )}
          {charger && <p className="hint">{chargerWords(charger)}</p>}
          {hub.source.volts.includes(240) && (
            <p className="hint">
              {legWords(
                legBalance(hub.branches.flatMap(({ loads }) => loads)),
                (id) => plan.loads.find((load) => load.id === id)?.name ?? '',
              )}
            </p>
          )}
          {(hub.circuit || charger) && (
            <WorkedOut
              make={async () =>
                (await workings()).sourceWorking(hub.source.name, hub.circuit, charger, saying)
              }
            />
          )}
        </>,
        link('power', say('wattsWattHoursAndInputsPower')),
      )
    }
    case 'generator':
    case 'car': {
      const name = plan.refill[selected.kind]?.name
      if (name === undefined) return null
      return panel(
        selected.kind,
        name,
        <FieldTable
          rows={selected.kind === 'generator' ? generatorFields : hasEngine(plan) ? carFields : []}
          state={wiring.house ?? {}}
          change={(part) => edit(changeHouseWiring(part))}
        />,
        link('recharge', say('wattsFuelAndHoursRecharge')),
      )
    }
    default:
      return null
  }
}

/** An electric car has no exhaust to keep away, and is not clamped to. */
const hasEngine = ({ refill }: Plan) => refill.car?.way !== 'electric'

/** From one string to the next, m. Common practice, no source. */
const LINK_M = 0.3

/** How the strings of a bank share its current over leads of the size between it and its inverter. */
function sharesOf({ source, cable, least }: BatteryCircuit): string {
  const bank = source.bank!
  const stringOhm = bank.battery.internalOhm.value * bank.series
  const linkOhm = LINK_M * (cable?.wire ?? least ?? WIRING_TABLES.wires[0]).ohmPerM
  const shares = (takeOff: TakeOff) => stringCurrents(bank.parallel, stringOhm, linkOhm, takeOff)
  return stringWords(shares('same end'), shares('diagonal'))
}

/** A cord for a load, named after it; its size is still to be said. */
function newCord(loadName: string, cords: readonly Cord[]): Cord {
  const name = freshName(say('cordOf', { loadName }).slice(0, 70), [...cords])
  return { id: freshId(name, [...cords]), name, areaMm2: null, lengthM: GUESSED_LENGTH_M }
}

/** Whether a cord hangs, however far, on another. */
function isBehind(cords: readonly Cord[], id: string, ofId: string): boolean {
  let at = cords.find((cord) => cord.id === id)
  for (let hops = 0; at?.fromCordId !== undefined && hops <= cords.length; hops++) {
    if (at.fromCordId === ofId) return true
    const next = at.fromCordId
    at = cords.find((cord) => cord.id === next)
  }
  return false
}
