import { converterOf } from '@/core/load/dcFeed'
import type { Load } from '@/core/plan/schema'
import type { Cord, LoadWiring, Pit } from '@/core/plan/wiring'
import { type Connection, MOST_WIRING } from '@/core/plan/wiringLimits'
import type { FieldRow } from '@/ui/field/fieldRows'
import { loadFields as loadFieldsWords } from '@/words/en/pages/hookupFields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(loadFieldsWords)

/** What the form of a load's connection changes. */
export interface LoadForm {
  wiring: LoadWiring
  pit: Pit | null
}

/** Choices beside the household's cords. */
export const NEW_CORD = say('newCord')
const STRAIGHT = say('straightIn')
const FIXED = 'fixed'
const UNSAID = say('notSaid')

const PLUG_WORDS = [
  { value: UNSAID, words: say('notNamed') },
  { value: 'barrel-plus-inside', words: say('roundPlusInside') },
  { value: 'barrel-plus-outside', words: say('roundPlusOutside') },
  { value: 'usb', words: say('usb') },
  { value: 'socket', words: say('text12VCarSocket') },
  { value: 'terminals', words: say('screwedOrCrimped') },
] as const

/** A pit as it is first drawn up: 45 cm wide, its rim a foot above where the pump starts. */
const USUAL_PIT = { areaM2: 0.16, toRimM: 0.3 }
/** A thin lead, as such devices come with: 18 AWG, 2 m. */
const USUAL_LEAD = { areaMm2: 0.823, lengthM: 2 }

const wired = (state: LoadForm, part: Partial<LoadWiring>): LoadForm => ({
  ...state,
  wiring: { ...state.wiring, ...part },
})
const dug = (state: LoadForm, part: Partial<Pit>): LoadForm => ({
  ...state,
  pit: state.pit && { ...state.pit, ...part },
})

/**
 * How a load is connected, and what that asks of it.
 *
 * @param usual how such a load is connected where nothing is said
 * @param isPit whether a pit fills without it
 */
export const loadFields = (
  load: Load,
  cords: readonly Cord[],
  usual: Connection,
  isPit: boolean,
): readonly FieldRow<LoadForm>[] => [
  {
    kind: 'choice',
    label: say('connectedBy'),
    when: () => load.volts !== 12,
    options: [
      { value: UNSAID, words: usual === 'hard-wired' ? say('fixedWiresAsUsual') : say('aCordNotNamedYet') },
      { value: STRAIGHT, words: say('itsOwnPlugStraightIntoThe') },
      { value: FIXED, words: say('fixedWiresOfTheHouse') },
      ...cords.map(({ id, name }) => ({ value: id, words: name })),
      ...(cords.length < MOST_WIRING.cords ? [{ value: NEW_CORD, words: say('anotherCord') }] : []),
    ],
    value: ({ wiring }) =>
      wiring.cordId ??
      (wiring.connection === 'straight' ? STRAIGHT : wiring.connection === 'hard-wired' ? FIXED : UNSAID),
    put: (state, choice) => {
      if (choice === STRAIGHT) return wired(state, { connection: 'straight', cordId: undefined })
      if (choice === FIXED) return wired(state, { connection: 'hard-wired', cordId: undefined })
      if (choice === UNSAID) return wired(state, { connection: undefined, cordId: undefined })
      return wired(state, { connection: 'cord', cordId: choice })
    },
  },
  {
    kind: 'wire',
    label: say('leadWireSize'),
    when: () => load.volts === 12,
    isCord: true,
    value: ({ wiring }) => wiring.lead?.areaMm2 ?? null,
    put: (state, areaMm2) => wired(state, { lead: { ...USUAL_LEAD, ...state.wiring.lead, areaMm2 } }),
  },
  {
    kind: 'quantity',
    label: say('leadLength'),
    when: () => load.volts === 12,
    path: 'cord.lengthM',
    value: ({ wiring }) => wiring.lead?.lengthM ?? null,
    put: (state, lengthM) => wired(state, { lead: { ...USUAL_LEAD, ...state.wiring.lead, lengthM } }),
  },
  {
    kind: 'choice',
    label: say('plug'),
    when: () => load.volts === 12,
    options: PLUG_WORDS,
    value: ({ wiring }) => wiring.plug ?? UNSAID,
    put: (state, plug) => wired(state, { plug: plug === UNSAID ? undefined : (plug as LoadWiring['plug']) }),
  },
  {
    kind: 'quantity',
    label: say('deviceNeeds'),
    when: () => load.volts === 12,
    path: 'lead.deviceV',
    value: ({ wiring }) => wiring.deviceV ?? null,
    put: (state, deviceV) => wired(state, { deviceV }),
  },
  {
    kind: 'quantity',
    label: say('converterPassesOn'),
    when: ({ wiring }) => load.volts === 12 && (wiring.converterFraction ?? converterOf(wiring)) < 1,
    path: 'source.efficiencyFraction',
    value: ({ wiring }) => converterOf(wiring),
    put: (state, converterFraction) => wired(state, { converterFraction }),
  },
  {
    kind: 'check',
    label: say('outlet'),
    words: say('withGroundFaultProtection'),
    when: () => isPit || load.behaviour.kind === 'pump',
    on: ({ wiring }) => wiring.isGroundFaultProtected ?? false,
    put: (state, on) => wired(state, { isGroundFaultProtected: on || undefined }),
  },
  {
    kind: 'check',
    label: say('ownBattery'),
    words: say('bridgesTheMomentOfSwitchingOver'),
    on: ({ wiring }) => wiring.hasOwnBattery ?? false,
    put: (state, on) => wired(state, { hasOwnBattery: on || undefined }),
  },
  {
    kind: 'check',
    label: say('secondSource'),
    words: say('aChargedSpareStandsReady'),
    when: () => load.medical,
    on: ({ wiring }) => wiring.hasSecondSource ?? false,
    put: (state, on) => wired(state, { hasSecondSource: on || undefined }),
  },
  {
    kind: 'check',
    label: say('pit'),
    words: say('measuredSayWhenItRunsOver'),
    when: () => isPit,
    on: ({ pit }) => pit !== null,
    put: (state, on) => ({ ...state, pit: on ? { loadId: load.id, ...USUAL_PIT } : null }),
  },
  {
    kind: 'quantity',
    label: say('pitSurface'),
    when: ({ pit }) => pit !== null,
    path: 'pit.areaM2',
    value: ({ pit }) => pit?.areaM2 ?? USUAL_PIT.areaM2,
    put: (state, areaM2) => dug(state, { areaM2 }),
  },
  {
    kind: 'quantity',
    label: say('pumpStartToRim'),
    when: ({ pit }) => pit !== null,
    path: 'pit.toRimM',
    value: ({ pit }) => pit?.toRimM ?? USUAL_PIT.toRimM,
    put: (state, toRimM) => dug(state, { toRimM }),
  },
  {
    kind: 'quantity',
    label: say('runsInWhenMeasured'),
    when: ({ pit }) => pit !== null,
    path: 'pit.inflowLH',
    value: ({ pit }) => pit?.inflowLH ?? null,
    put: (state, inflowLH) => dug(state, { inflowLH }),
  },
  {
    kind: 'note',
    label: say('runsIn'),
    when: ({ pit }) => pit !== null,
    words: () => say('toMeasureItPumpOffNote'),
  },
]
