import type { KeyAct } from './keySettings'

interface Step {
  path: KeyAct & ('outage' | 'loads' | 'power' | 'runtime' | 'recharge' | 'hookup' | 'run')
  name: string
  /** what is found here, for who looks by another word */
  words: string
  /** what the page is for */
  purpose: string
}

/** The steps of the work in their order; each has a page and a key. */
export const STEPS: readonly Step[] = [
  {
    path: 'outage',
    name: 'Outage',
    words: 'start length place weather temperature town absence asleep confidence scenario storm winter',
    purpose: 'Which outage you prepare for: when it starts, how long it lasts, how cold or hot it is.',
  },
  {
    path: 'loads',
    name: 'Loads',
    words: 'appliances things watts refrigerator freezer furnace pump router meter label importance',
    purpose: 'What must not stop, and what each thing draws.',
  },
  {
    path: 'power',
    name: 'Power',
    words: 'power station battery bank inverter compare buy own equipment find price weight lifetime',
    purpose: 'What feeds it: compare power stations and battery banks, build one, or have one found.',
  },
  {
    path: 'runtime',
    name: 'Runtime',
    words: 'how long hours chart state of charge end timeline what adds hours what if worse',
    purpose: 'How long it lasts and until what hour, what each thing takes, and what adds hours.',
  },
  {
    path: 'recharge',
    name: 'Recharge',
    words: 'solar panels sun generator fuel car wall charger refill input',
    purpose: 'What fills the battery again: sun, generator, car or wall.',
  },
  {
    path: 'hookup',
    name: 'Hookup',
    words:
      'wiring cord cable fuse extension transfer switch inlet ground neutral carbon monoxide hazard danger safety parts list pit pipes food',
    purpose: 'What plugs into what, with which cord and fuse, what can hurt, and what is lost when it ends.',
  },
  {
    path: 'run',
    name: 'Test run',
    words: 'try test drill outage log readings percent volts learn history power is out',
    purpose:
      'Try the plan on purpose, or write a real outage down: when it ends, and what the plan had wrong.',
  },
]
