import { searchPlaces } from '@/server/places'
import { answer, refuse } from '@/server/respond'
import { placesRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(placesRoute)

const LONGEST = 80

/** Towns by any part of their name, for anybody. */
export function GET(request: Request): Response {
  const text = new URL(request.url).searchParams.get('q') ?? ''
  if (text.length > LONGEST) return refuse(400, 'bad-request', say('aTownsNameHas80Letters'))
  return answer({ places: searchPlaces(text) })
}
