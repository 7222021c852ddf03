'use client'
import Button from '@mui/material/Button'
import type { PanelArray } from '@/core/plan/refill'
import { formatNumber } from '@/core/quantity/format'
import { formatTemperature } from '@/core/reading/inUnits'
import { coefficientFactor, tableFactor } from '@/core/refill/coldVoc'
import type { ConnectedArray } from '@/core/refill/connected'
import type { recordLowOf } from '@/core/weather/recordCold'
import { QuantityField } from '@/ui/field/QuantityField'
import { useUnits } from '@/ui/field/units'
import styles from './recharge.module.css'

interface StringVerdictProps {
  connected: ConnectedArray
  panel: PanelArray['panel']
  recordLow: ReturnType<typeof recordLowOf>
  changeRecordLow: (celsius: number) => void
}

/** Whether a string fits its input, on which coldest day that was reckoned, and what else is to be heeded. */
export function StringVerdict({ connected, panel, recordLow, changeRecordLow }: StringVerdictProps) {
  const { check, verdict, message, isUsed } = connected
  const units = useUnits()
  const { celsius, isGuess } = recordLow
  const isSure = isUsed && verdict !== 'unsure' && verdict !== 'unlike'
  return (
    <>
      <p
        className={isSure ? styles.fits : styles.refused}
        role="status"
        data-testid="string-verdict"
        data-verdict={verdict}
      >
        {verdict === 'refused' ? `Does not fit: ${message}` : capital(message)}.
      </p>
      {check && isGuess && (
        <div className={styles.askedCold} data-testid="asks-record-cold">
          <QuantityField
            label="Coldest ever here"
            path="refill.recordLowC"
            value={celsius}
            onChange={changeRecordLow}
          />
          <Button variant="text" onClick={() => changeRecordLow(celsius)}>
            never colder than {formatTemperature(celsius, units)}
          </Button>
        </div>
      )}
      {check && (
        <p className={styles.small}>
          At {formatTemperature(celsius, units)}
          {isGuess && ' (guessed from the latitude)'}: {formatNumber(check.coldVocByTable, 1)} V by the code’s
          table (× {tableFactor(celsius)}), {formatNumber(check.coldVocByCoefficient, 1)} V by the panel’s
          coefficient (× {formatNumber(coefficientFactor(panel, celsius), 3)}). The higher one counts.
        </p>
      )}
      {(check?.warnings ?? []).map((warning) => (
        <p key={warning} className={styles.refused}>
          {warning}
        </p>
      ))}
    </>
  )
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
