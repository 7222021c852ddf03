import { createStore } from 'zustand/vanilla'
import { persist } from 'zustand/middleware'
import { keySettings as keySettingsWords } from '@/words/en/ui/shell'
import { wordsOf } from '@/words/translate'

const say = wordsOf(keySettingsWords)

/** What single keys do on the pages: the key at first, and what it does. Keys with Ctrl, Alt and Escape are not among them. */
export const KEY_ACTS = {
  add: ['a', say('addALoadAnOutageAn')],
  find: ['/', say('findAnythingALoadAnOutage')],
  help: ['?', say('wordsAndKeys')],
  previousOption: ['[', say('previousPowerOption')],
  nextOption: [']', say('nextPowerOption')],
  previousOutage: [',', say('previousOutage')],
  nextOutage: ['.', say('nextOutage')],
  bestLever: ['b', say('onRuntimeDoWhatAddsMost')],
  undoLever: ['u', say('onRuntimeUndoWhatWasDone')],
  outage: ['1', say('openOutage')],
  loads: ['2', say('openLoads')],
  power: ['3', say('openPower')],
  runtime: ['4', say('openRuntime')],
  recharge: ['5', say('openRecharge')],
  hookup: ['6', say('openHookup')],
  run: ['7', say('openTestRun')],
} as const satisfies Record<string, readonly [string, string]>

export type KeyAct = keyof typeof KEY_ACTS

export const KEY_ACT_IDS = Object.keys(KEY_ACTS) as KeyAct[]

interface KeySettings {
  /** whether single keys do anything at all */
  on: boolean
  /** where a key is not the one at first */
  changed: Partial<Record<KeyAct, string>>
}

/** How this browser has its keys. */
export const keySettings = createStore<KeySettings>()(
  persist((): KeySettings => ({ on: true, changed: {} }), {
    name: 'yotrope-keys',
    skipHydration: true,
    // what a browser has kept may be of another release, or spoiled
    merge: (kept, now) => ({ ...now, ...readKeySettings(kept) }),
  }),
)

/** Takes what this browser has kept of its keys; where it has kept nothing the page is not drawn anew for it. */
export async function restoreKeys(): Promise<void> {
  const { name, storage } = keySettings.persist.getOptions()
  if (name && (await storage?.getItem(name))) await keySettings.persist.rehydrate()
}

/** What can be taken of key settings from outside; the rest stays as it is at first. */
export function readKeySettings(kept: unknown): KeySettings {
  const { on, changed } = (typeof kept === 'object' && kept !== null ? kept : {}) as Record<string, unknown>
  const known = typeof changed === 'object' && changed !== null ? Object.entries(changed) : []
  return {
    on: on !== false,
    changed: Object.fromEntries(
      known.filter(
        ([act, key]) => Object.hasOwn(KEY_ACTS, act) && typeof key === 'string' && [...key].length === 1,
      ),
    ),
  }
}

export const keyOf = ({ changed }: KeySettings, act: KeyAct): string => changed[act] ?? KEY_ACTS[act][0]

/** What a key does; null where it does nothing or keys are off. */
export const actOf = (settings: KeySettings, key: string): KeyAct | null =>
  settings.on ? (KEY_ACT_IDS.find((act) => keyOf(settings, act) === key) ?? null) : null

/** Gives an act another key. @returns what is wrong with it, or null when it is taken */
export function changeKey(act: KeyAct, key: string): string | null {
  const settings = keySettings.getState()
  if ([...key].length !== 1 || key === ' ') return say('oneLetterFigureOrSignSuch')
  const other = KEY_ACT_IDS.find((one) => one !== act && keyOf(settings, one) === key)
  if (other) return say('isTaken', { key, keyacts: KEY_ACTS[other][1] })
  keySettings.setState({ changed: { ...settings.changed, [act]: key } })
  return null
}

/** All keys as they were at first. */
export const resetKeys = (): void => void keySettings.setState({ on: true, changed: {} })
