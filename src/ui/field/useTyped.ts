import {
  type FocusEvent,
  type KeyboardEvent,
  useContext,
  useEffect,
  useEffectEvent,
  useRef,
  useState,
  useSyncExternalStore,
} from 'react'
import { FieldKeeperContext, type HeldText, ownKeeper } from './drafts'
import { useFieldScope } from './FieldScope'

export type Reading<T> = { ok: true; value: T; understood?: string } | { ok: false; message: string }

interface TypedField<T> {
  label: string
  /** tells two fields of one label apart */
  path?: string
  /** the value as the field shows it while nothing is typed */
  shown: string
  /** the value that counts */
  value: T
  read: (text: string) => Reading<T>
  onChange: (value: T) => void
  isSame?: (a: T, b: T) => boolean
  /** what is typed is not tried out while it is typed: it belongs to no household */
  local?: boolean
  /** a line break belongs to the text */
  multiline?: boolean
}

const NOTHING_HELD: ReadonlyMap<string, HeldText> = new Map()
const never = () => () => undefined

/**
 * The life of a typed field: while it is typed in, what can be understood is tried out on the household as it stood; the
 * change is made when the field is left or Enter is pressed, as one step. What is refused stays in the field, with its
 * reason, until it is mended or given up with Escape; the old value counts meanwhile.
 */
export function useTyped<T>(field: TypedField<T>) {
  const { label, path, shown, value, read, onChange, isSame, local, multiline } = field
  const [own] = useState(ownKeeper)
  const keeper = useContext(FieldKeeperContext) ?? own
  const scope = useFieldScope()
  const key = `${scope.id}/${path ?? ''}/${label}`
  const kept = useSyncExternalStore(
    keeper.subscribe,
    () => keeper.heldTexts,
    () => NOTHING_HELD,
  )
  // what is typed, beside what stood there when it began: on a page that shows the trial the value itself moves along
  const [typing, setTyping] = useState<{ text: string; before: T; shownBefore: string } | null>(null)
  const typed = typing?.text ?? null
  const counting = typing ? typing.before : value
  const shownBefore = typing ? typing.shownBefore : shown
  const [isFocused, setFocused] = useState(false)
  const held = kept.get(key) ?? null
  const text = typed ?? held?.text ?? shown
  const isTouched = typed !== null || held !== null
  const reading = isTouched ? read(text) : null
  const same = (a: T, b: T) => (isSame ? isSame(a, b) : a === b)

  const hold = (next: HeldText | null) => keeper.hold(key, next)
  const tryOut = (next: string | null) => {
    if (local) return
    const now = next === null ? null : read(next)
    keeper.tryOut(now?.ok && !same(now.value, counting) ? () => onChange(now.value) : null)
  }
  const type = (next: string) => {
    setTyping({ text: next, before: counting, shownBefore })
    tryOut(next)
  }
  const giveUp = () => {
    setTyping(null)
    hold(null)
    tryOut(null)
  }
  /** Makes the change, or keeps what cannot be taken where it was typed. */
  const leave = () => {
    if (typed === null) return
    tryOut(null)
    setTyping(null)
    const now = read(typed)
    if (typed.trim() === shownBefore.trim()) return hold(null)
    if (!now.ok)
      return hold({ label, scopeName: scope.name, text: typed, reason: now.message, counts: shownBefore })
    hold(null)
    if (!same(now.value, counting)) onChange(now.value)
  }

  // what was held because of another field is taken as soon as that one allows it
  const mended = typed === null && held !== null && !isFocused && reading?.ok === true
  const takeMended = useEffectEvent(() => {
    if (!reading?.ok) return
    hold(null)
    if (!same(reading.value, value)) onChange(reading.value)
  })
  useEffect(() => {
    if (mended) takeMended()
  }, [mended])

  // a page that is left for good takes what was typed along
  const leaveNow = useEffectEvent(() => leave())
  useEffect(() => {
    if (typed === null) return
    const onHide = () => leaveNow()
    window.addEventListener('pagehide', onHide)
    return () => window.removeEventListener('pagehide', onHide)
  }, [typed])

  // a field that goes away while it is typed in shows nothing on trial any more
  const wasTrying = useRef(false)
  useEffect(() => {
    wasTrying.current = typed !== null
  })
  const stopTrying = useEffectEvent(() => {
    if (wasTrying.current) keeper.tryOut(null)
  })
  useEffect(() => () => stopTrying(), [])

  const trouble = reading && !reading.ok ? reading.message : null
  return {
    text,
    trouble,
    /** the value that counts although something else stands in the field */
    counts: trouble ? shownBefore : null,
    understood: typed !== null && reading?.ok ? (reading.understood ?? null) : null,
    type,
    giveUp,
    isTouched,
    /** something is typed and not yet made a change */
    isTyping: typed !== null,
    inputProps: {
      onChange: (event: { target: { value: string } }) => type(event.target.value),
      onFocus: (event: FocusEvent<HTMLInputElement | HTMLTextAreaElement>) => {
        setFocused(true)
        if (!multiline) event.currentTarget.select()
      },
      onBlur: (event: FocusEvent<HTMLInputElement | HTMLTextAreaElement>) => {
        // the window lost the keyboard, not the field
        if (document.activeElement === event.target) return
        setFocused(false)
        leave()
      },
      onKeyDown: (event: KeyboardEvent) => {
        const isUndo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z'
        if (event.key === 'Enter' && !multiline) {
          event.preventDefault()
          leave()
        } else if ((event.key === 'Escape' || isUndo) && isTouched) {
          event.preventDefault()
          event.stopPropagation()
          giveUp()
        }
      },
    },
  }
}

/** What was typed into another field of the same thing and refused: a contradiction is told beside both. */
export function useHeldIn(label: string | undefined): HeldText | null {
  const keeper = useContext(FieldKeeperContext)
  const scope = useFieldScope()
  const kept = useSyncExternalStore(
    keeper?.subscribe ?? never,
    () => keeper?.heldTexts ?? NOTHING_HELD,
    () => NOTHING_HELD,
  )
  if (label === undefined) return null
  for (const [key, held] of kept) if (held.label === label && key.startsWith(`${scope.id}/`)) return held
  return null
}
