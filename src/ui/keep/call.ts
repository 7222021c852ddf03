import { call as callWords } from '@/words/en/ui/keep'
import { wordsOf } from '@/words/translate'
const say = wordsOf(callWords)

/** What a route answered: its body, or in words why not. */
export type Answer<T> = { ok: true; body: T } | { ok: false; message: string }

/** Asks a route of the application. Never throws. */
export async function call<T>(
  method: 'GET' | 'POST' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<Answer<T>> {
  try {
    const response = await fetch(path, {
      method,
      ...(body !== undefined && {
        body: JSON.stringify(body),
        headers: { 'Content-Type': 'application/json' },
      }),
    })
    const answered = await response.json()
    if (response.ok) return { ok: true, body: answered as T }
    return { ok: false, message: answered.error?.message ?? say('itDidNotWork') }
  } catch {
    return { ok: false, message: say('yotropeIsNotAnsweringTryAgain') }
  }
}
