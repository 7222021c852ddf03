import { useEffect, useRef, useState } from 'react'
import type { RunPrediction } from '@/core/run/predictRun'
import type { Entry, RunHead } from '@/core/run/runDocument'
import { usePrediction as usePredictionWords } from '@/words/en/pages/run'
import { wordsOf } from '@/words/translate'
import { RunClient } from '@/worker/runClient'

const say = wordsOf(usePredictionWords)

/**
 * What a run's entries say of its end, worked out whenever there are others; a newer log takes a waiting one's place.
 *
 * @returns `isOfAll`: every entry there is now is in what was found
 */
export function usePrediction(head: RunHead | null, entries: readonly Entry[]) {
  const [answer, setAnswer] = useState<{ found: RunPrediction; of: readonly Entry[] } | null>(null)
  const [failure, setFailure] = useState<string | null>(null)
  const client = useRef<RunClient | null>(null)
  const waiting = useRef<{ head: RunHead; entries: readonly Entry[] } | null>(null)
  const busy = useRef(false)
  useEffect(
    () => () => {
      client.current?.dispose()
      client.current = null
    },
    [],
  )
  useEffect(() => {
    if (!head) return
    waiting.current = { head, entries }
    if (busy.current) return
    busy.current = true
    const work = async () => {
      while (waiting.current) {
        const asked = waiting.current
        waiting.current = null
        try {
          const found = await (client.current ??= new RunClient()).predict(asked.head, [...asked.entries])
          setAnswer({ found, of: asked.entries })
          setFailure(null)
        } catch (error) {
          setFailure(error instanceof RangeError ? error.message : say('thePredictionCouldNotBeWorked'))
        }
      }
      busy.current = false
    }
    void work()
  }, [head, entries])
  return { found: answer?.found ?? null, isOfAll: answer?.of === entries, failure }
}
