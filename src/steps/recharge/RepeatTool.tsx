'use client'
import Button from '@mui/material/Button'
import { useState } from 'react'
import { clockOf, epochMinute, minuteOfDay } from '@/core/plan/clock'
import type { ChargingTimes } from '@/core/plan/refill'
import { ToldError } from '@/core/quantity/told'
import { repeated } from '@/core/refill/repeated'
import { ClockInput } from '@/ui/field/ClockInput'
import { SelectField } from '@/ui/field/SelectField'
import { QuantityField } from '@/ui/field/QuantityField'
import { useUnits } from '@/ui/field/units'
import { repeatTool } from '@/words/en/pages/recharge'
import { sayTold } from '@/words/sayTold'
import { wordsOf } from '@/words/translate'
import own from './GivesWay.module.css'

const say = wordsOf(repeatTool)

type What = keyof ChargingTimes
const WORDS: Record<What, string> = {
  grid: say('theGridIsBack'),
  generator: say('theGeneratorRuns'),
  car: say('theCarRuns'),
}
/** What each is usually repeated by: rolling cuts, an evening's run. */
const USUAL: Record<What, { lengthMin: number; everyH: number; at: string }> = {
  grid: { lengthMin: 60, everyH: 6, at: '' },
  generator: { lengthMin: 120, everyH: 24, at: '18:00' },
  car: { lengthMin: 120, everyH: 24, at: '12:00' },
}

/** Plans what comes back by itself: an hour of grid in every six, the generator every evening. */
export function RepeatTool(props: {
  startsAt: string
  outageMin: number
  charging: ChargingTimes
  /** what there is to run; the grid is always there to come back */
  has: Record<'generator' | 'car', boolean>
  onChange: (part: Partial<ChargingTimes>) => void
}) {
  const { startsAt, outageMin, charging, has, onChange } = props
  const units = useUnits()
  const startMin = epochMinute(startsAt)
  const [chosen, setWhat] = useState<What>('grid')
  const what = chosen === 'grid' || has[chosen] ? chosen : 'grid'
  const usual = USUAL[what]
  const [lengthMin, setLength] = useState(usual.lengthMin)
  const [everyH, setEvery] = useState(usual.everyH)
  const [at, setAt] = useState('')
  // unless said, the grid comes back at the end of its first cut
  const first = at || usual.at || clockOf(startMin + everyH * 60 - lengthMin)
  const pick = (next: What) => {
    setWhat(next)
    setLength(USUAL[next].lengthMin)
    setEvery(USUAL[next].everyH)
    setAt('')
  }
  const plan = () => {
    const firstMin = (((minuteOfDay(first) - startMin) % 1440) + 1440) % 1440
    return repeated({ firstMin, lengthMin, everyMin: everyH * 60 }, outageMin)
  }
  let trouble: string | null = null
  try {
    plan()
  } catch (error) {
    if (!(error instanceof ToldError)) throw error
    trouble = sayTold(error.fact, { units, startsAt })
  }
  return (
    <div className={own.editor} role="group" aria-label={say('whatComesBack')}>
      <span>{say('repeat')}</span>
      <SelectField
        cell
        label={say('whatComesBack')}
        value={what}
        options={(Object.keys(WORDS) as What[])
          .filter((value) => value === 'grid' || has[value])
          .map((value) => ({ value, words: WORDS[value] }))}
        onChange={pick}
      />
      <span>{say('forWord')}</span>
      <QuantityField
        local
        cell
        label={say('forHowLong')}
        path="repeat.lengthMin"
        value={lengthMin}
        onChange={setLength}
      />
      <span>{say('every')}</span>
      <QuantityField
        local
        cell
        label={say('everyHowManyHours')}
        path="repeat.everyH"
        value={everyH}
        onChange={setEvery}
      />
      <span>{say('firstAt')}</span>
      <ClockInput local label={say('firstAt2')} value={first} onChange={setAt} />
      <Button disabled={trouble !== null} onClick={() => onChange({ [what]: plan() })}>
        {say('addToPlan')}
      </Button>
      {charging[what].length > 0 && (
        <Button variant="text" onClick={() => onChange({ [what]: [] })}>
          {say('clear')}
        </Button>
      )}
      {trouble && (
        <p className="fault" role="alert">
          {say('itCannotBePlannedSo', { trouble })}
        </p>
      )}
    </div>
  )
}
