'use client'
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
      <CheckField
        label=""
        words={say('switchOverByItself')}
        on={want.transferMs !== null}
        onChange={(on) => change({ transferMs: on ? USUAL_TRANSFER_MS : null })}
      />
      {want.transferMs !== null && (
        <QuantityField
          local
          label={say('withinMs')}
          path="outfit.transferMs"
          value={want.transferMs}
          onChange={(transferMs) => change({ transferMs })}
        />
      )}
      <CheckField
        label=""
        words={say('give240V')}
        on={want.gives240V}
        onChange={(gives240V) => change({ gives240V })}
      />
      <CheckField
        label={say('atMost')}
        words={say('aBudget')}
        on={want.budget !== null}
        onChange={(on) => change({ budget: on ? FIRST_BUDGET : null })}
      />
      {want.budget !== null && (
        <QuantityField
          local
          label={say('budget')}
          path="wish.budget"
          value={want.budget}
          onChange={(budget) => change({ budget })}
        />
      )}
      <CheckField
        label=""
        words={say('aWeightForEachPiece')}
        on={want.pieceKg !== null}
        onChange={(on) => change({ pieceKg: on ? FIRST_PIECE_KG : null })}
      />
      {want.pieceKg !== null && (
        <QuantityField
          local
          label={say('heaviestPiece')}
          path="wish.pieceKg"
          value={want.pieceKg}
          onChange={(pieceKg) => change({ pieceKg })}
        />
      )}
    </>
  )
}
