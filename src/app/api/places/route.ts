import { searchPlaces } from '@/server/places'
import { answer, refuse } from '@/server/respond'

const LONGEST = 80

/** Towns by any part of their name, for anybody. */
export function GET(request: Request): Response {
  const text = new URL(request.url).searchParams.get('q') ?? ''
  if (text.length > LONGEST) return refuse(400, 'bad-request', 'A town’s name has 80 letters at most.')
  return answer({ places: searchPlaces(text) })
}
