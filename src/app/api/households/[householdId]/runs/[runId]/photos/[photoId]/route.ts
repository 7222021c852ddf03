import { idSchema } from '@/core/plan/fields'
import { RUN_LIMITS } from '@/core/run/runDocument'
import { database } from '@/db/client'
import { findPhoto, keepPhoto } from '@/db/runPhotos'
import { findRun } from '@/db/runs'
import { photoFault } from '@/server/photo'
import { forVisitor, readBytes } from '@/server/request'
import { NOT_FOUND, answer, refuse } from '@/server/respond'
import { isOf } from '@/server/visitor'
import { photoRoute } from '@/words/en/server/requests'
import { wordsOf } from '@/words/translate'

const say = wordsOf(photoRoute)

type Params = { householdId: string; runId: string; photoId: string }

/** A photo of a display, under its entry's id. */
export const GET = forVisitor<Params>(async ({ visitor, params: { householdId, runId, photoId } }) => {
  const jpeg = isOf(visitor, householdId) ? await findPhoto(database(), householdId, runId, photoId) : null
  if (!jpeg) return refuse(404, 'not-found', NOT_FOUND)
  return new Response(new Uint8Array(jpeg), {
    headers: {
      'Content-Type': 'image/jpeg',
      'Content-Disposition': 'inline; filename="photo.jpg"',
      'Cache-Control': 'private, max-age=604800, immutable',
    },
  })
})

/** A photo is kept; sent again it is the same one. */
export const PUT = forVisitor<Params>(async ({ visitor, params, request }) => {
  const { householdId, runId, photoId } = params
  if (!isOf(visitor, householdId)) return refuse(404, 'not-found', NOT_FOUND)
  if (!idSchema.safeParse(photoId).success) return refuse(422, 'bad-request', say('noId'))
  const reading = await readBytes(request, RUN_LIMITS.photoBytes, say('tooLarge'))
  if (!reading.ok) return reading.refusal
  const fault = photoFault(reading.bytes)
  if (fault) return refuse(422, 'bad-request', fault)
  if (!(await findRun(database(), householdId, runId))) return refuse(404, 'not-found', say('noRun'))
  if (!(await keepPhoto(database(), householdId, runId, photoId, reading.bytes, new Date())))
    return refuse(
      409,
      'limit',
      say('full', { photos: RUN_LIMITS.photos, megabytes: RUN_LIMITS.photosBytes / 1e6 }),
    )
  return answer({ kept: photoId })
})
