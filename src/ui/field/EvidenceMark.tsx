import type { Evidence } from '@/core/quantity/quantity'
import { evidenceMark } from '@/words/en/ui/fields'
import { wordsOf } from '@/words/translate'

const say = wordsOf(evidenceMark)

const WORDS: Record<Evidence, string> = {
  typical: say('aTypicalValue'),
  label: say('readOffTheLabel'),
  measured: say('measured'),
  tested: say('seenInATestRun'),
}

const FILLED: Record<Evidence, number> = { typical: 0, label: 0.25, measured: 0.5, tested: 1 }

/** How a number is known: a circle that fills from typical (open) to tested (full). */
export function EvidenceMark({ evidence }: { evidence: Evidence }) {
  const share = FILLED[evidence]
  const end = 2 * Math.PI * share
  const [x, y] = [7 + 6 * Math.sin(end), 7 - 6 * Math.cos(end)]
  return (
    <svg
      width="14"
      height="14"
      viewBox="0 0 14 14"
      role="img"
      aria-label={say('evidence', { words: WORDS[evidence] })}
    >
      <title>{WORDS[evidence]}</title>
      <circle
        cx="7"
        cy="7"
        r="6"
        fill={share === 1 ? 'currentColor' : 'none'}
        stroke="currentColor"
        strokeWidth="1.4"
      />
      {share > 0 && share < 1 && (
        <path
          d={`M7 7 L7 1 A6 6 0 ${share > 0.5 ? 1 : 0} 1 ${x.toFixed(3)} ${y.toFixed(3)} Z`}
          fill="currentColor"
        />
      )}
    </svg>
  )
}
