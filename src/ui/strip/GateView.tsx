import ButtonBase from '@mui/material/ButtonBase'
import { memo } from 'react'
import type { WorkingKey } from '@/words/workings/answerWorkings'
import { gateView } from '@/words/en/ui/answer'
import { wordsOf } from '@/words/translate'
import { Term } from '../help/Term'
import styles from './AnswerStrip.module.css'
import type { GateFigure } from './gateFigures'

const say = wordsOf(gateView)

const VERDICT_WORDS = { holds: say('enough'), short: say('short'), unplanned: '', nothing: '' }

interface GateViewProps {
  gate: GateFigure
  open: (working: WorkingKey) => void
}

/** One gate: its verdict in a word, its margin in figures, and a bar that shows both. Drawn anew when it reads otherwise. */
export const GateView = memo(
  function GateView({ gate, open }: GateViewProps) {
    const { name, verdict, need, of, bar, detail } = gate
    return (
      <ButtonBase
        className={styles.gate}
        onClick={() => open(gate.working)}
        title={say('theWorking')}
        data-testid={`gate-${gate.id}`}
      >
        <span className={styles.gateTop}>
          <Term label={name} />
          <span className={styles.verdict}>{VERDICT_WORDS[verdict]}</span>
        </span>
        <span>
          <span className={styles.need}>{need}</span> <span className={styles.of}>{of}</span>
        </span>
        <span className={styles.bar} aria-hidden>
          {bar && (
            <>
              <span
                data-fill
                className={styles.fill}
                data-verdict={verdict}
                style={{ width: `${bar.fill * 100}%` }}
              />
              <span data-fill className={styles.mark} style={{ left: `${bar.mark * 100}%` }} />
            </>
          )}
        </span>
        <span className={styles.detail}>{detail}</span>
      </ButtonBase>
    )
  },
  (before, now) => before.open === now.open && JSON.stringify(before.gate) === JSON.stringify(now.gate),
)
