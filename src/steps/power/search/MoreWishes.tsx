'use client'
import type { BoundPath } from '@/core/plan/bounds'
import type { SearchConstraints } from '@/core/sizing/search/candidates'
import { CheckField } from '@/ui/field/CheckField'
import { QuantityField } from '@/ui/field/QuantityField'
import { searchPanel } from '@/words/en/pages/search'
import { wordsOf } from '@/words/translate'

const say = wordsOf(searchPanel)

/** A computer rides through a gap of so many ms. Common practice, no source. */
const USUAL_TRANSFER_MS = 20
/** What is asked for at first where a limit is switched on, in the household's currency and kg. */
const FIRST_BUDGET = 2000
const FIRST_PIECE_KG = 25

interface MoreWishesProps {
  want: SearchConstraints
  change: (part: Partial<SearchConstraints>) => void
  /** a medical device is plugged into it */
  isMedical: boolean
  /** whether what refills it is counted; null where nothing does */
  refill: { isCounted: boolean; count: (on: boolean) => void } | null
}

/** Wishes that few have: what it may be, what it must do, what it may cost and weigh. */
export function MoreWishes({ want, change, isMedical, refill }: MoreWishesProps) {
  return (
    <>
      <CheckField
        label={say('also')}
        words={say('floodedOnesTooOutdoors')}
        on={want.allowsFlooded}
        onChange={(allowsFlooded) => change({ allowsFlooded })}
      />
      <CheckField
        label=""
        words={say('modifiedSineTooNoMotors')}
        on={want.allowsModifiedSine}
        onChange={(allowsModifiedSine) => change({ allowsModifiedSine })}
      />
      {refill && (
        <CheckField
          label={say('counting')}
          words={say('whatRefillsItAsPlanned')}
          on={refill.isCounted}
          onChange={refill.count}
        />
      )}
      <CheckField
        label={say('itMust')}
        words={say('beReadyToPlugInNothing')}
        on={want.plugAndPlay}
        onChange={(plugAndPlay) => change({ plugAndPlay })}
      />
      {isMedical && (
        <p className="hint">
          {want.plugAndPlay ? say('askedForBecauseAMedicalDevice') : say('aMedicalDeviceIsPluggedIntoIt')}
        </p>
      )}
      <Limit
        label=""
        words={say('switchOverByItself')}
        of={say('withinMs')}
        path="outfit.transferMs"
        first={USUAL_TRANSFER_MS}
        value={want.transferMs}
        onChange={(transferMs) => change({ transferMs })}
      />
      <CheckField
        label=""
        words={say('give240V')}
        on={want.gives240V}
        onChange={(gives240V) => change({ gives240V })}
      />
      <Limit
        label={say('atMost')}
        words={say('aBudget')}
        of={say('budget')}
        path="wish.budget"
        first={FIRST_BUDGET}
        value={want.budget}
        onChange={(budget) => change({ budget })}
      />
      <Limit
        label=""
        words={say('aWeightForEachPiece')}
        of={say('heaviestPiece')}
        path="wish.pieceKg"
        first={FIRST_PIECE_KG}
        value={want.pieceKg}
        onChange={(pieceKg) => change({ pieceKg })}
      />
    </>
  )
}

/** A limit that is asked for or not; its figure stands below once it is. */
function Limit(props: {
  label: string
  words: string
  of: string
  path: BoundPath
  first: number
  value: number | null
  onChange: (value: number | null) => void
}) {
  const { label, words, of, path, first, value, onChange } = props
  return (
    <>
      <CheckField
        label={label}
        words={words}
        on={value !== null}
        onChange={(on) => onChange(on ? first : null)}
      />
      {value !== null && <QuantityField local label={of} path={path} value={value} onChange={onChange} />}
    </>
  )
}
