'use client'
import Button from '@mui/material/Button'
import type { PanelArray } from '@/core/plan/refill'
import { formatNumber } from '@/words/format'
import { formatTemperature } from '@/words/inUnits'
import { coefficientFactor, tableFactor } from '@/core/refill/coldVoc'
import type { ConnectedArray } from '@/core/refill/connected'
import type { recordLowOf } from '@/core/weather/recordCold'
import { QuantityField } from '@/ui/field/QuantityField'
import { useTold } from '@/ui/household/useTold'
import { useUnits } from '@/ui/field/units'
import { stringVerdict } from '@/words/en/pages/array'
import { wordsOf } from '@/words/translate'

const say = wordsOf(stringVerdict)

interface StringVerdictProps {
  connected: ConnectedArray
  panel: PanelArray['panel']
  recordLow: ReturnType<typeof recordLowOf>
  changeRecordLow: (celsius: number) => void
}

/** Whether a string fits its input, on which coldest day that was reckoned, and what else is to be heeded. */
export function StringVerdict({ connected, panel, recordLow, changeRecordLow }: StringVerdictProps) {
  const tell = useTold()
  const { check, verdict, message, isUsed } = connected
  const units = useUnits()
  const { celsius, isGuess } = recordLow
  const isSure = isUsed && verdict !== 'unsure' && verdict !== 'unlike'
  return (
    <>
      <p
        className={isSure ? 'strong' : 'strong fault'}
        role="status"
        data-testid="string-verdict"
        data-verdict={verdict}
      >
        {verdict === 'refused' ? say('doesNotFit', { message: tell(message) }) : capital(tell(message))}.
      </p>
      {check && isGuess && (
        <div className="in-line" data-testid="asks-record-cold">
          <QuantityField
            label={say('coldestEverHere')}
            path="refill.recordLowC"
            value={celsius}
            onChange={changeRecordLow}
          />
          <Button variant="text" onClick={() => changeRecordLow(celsius)}>
            {say('neverColderThan', { temperature: formatTemperature(celsius, units) })}
          </Button>
        </div>
      )}
      {check && (
        <p className="hint">
          {say('at', { temperature: formatTemperature(celsius, units) })}
          {isGuess && say('guessedFromTheLatitude')}
          {say('vByTheCodesTableV', {
            number: formatNumber(check.coldVocByTable, 1),
            tableFactor: tableFactor(celsius),
            number2: formatNumber(check.coldVocByCoefficient, 1),
            number3: formatNumber(coefficientFactor(panel, celsius), 3),
          })}
        </p>
      )}
      {(check?.warnings ?? []).map((warning) => (
        <p key={warning.what} className="fault">
          {tell(warning)}
        </p>
      ))}
    </>
  )
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
