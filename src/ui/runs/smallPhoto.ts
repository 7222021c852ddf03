import { RUN_LIMITS } from '@/core/run/runDocument'
import { smallPhoto as smallPhotoWords } from '@/words/en/ui/runs'
import { wordsOf } from '@/words/translate'

const say = wordsOf(smallPhotoWords)

/** Longest side of a photo that is kept: a display can be read well on it. */
const MOST_PX = 1600
const QUALITIES = [0.82, 0.6, 0.4]
/** More is no picture of a display. */
const MOST_BYTES = 60_000_000

export type SmallPhoto =
  { ok: true; jpeg: Blob; widthPx: number; heightPx: number } | { ok: false; message: string }

/**
 * A picture made small enough to be kept: drawn anew, so that what the camera wrote beside it (place, time, model) is gone. How it
 * was held is heeded.
 */
export async function smallPhoto(file: Blob & { name?: string }): Promise<SmallPhoto> {
  const name = file.name ?? say('it')
  if (file.size > MOST_BYTES)
    return { ok: false, message: say('hasMbAPhotoHas60', { name, size: Math.round(file.size / 1e6) }) }
  let picture: ImageBitmap
  try {
    picture = await createImageBitmap(file)
  } catch {
    return {
      ok: false,
      message: say('isNoPictureThisBrowserCan', { name }),
    }
  }
  const canvas = document.createElement('canvas')
  const small = Math.min(1, MOST_PX / Math.max(picture.width, picture.height))
  canvas.width = Math.max(1, Math.round(picture.width * small))
  canvas.height = Math.max(1, Math.round(picture.height * small))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  for (const quality of QUALITIES) {
    const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality))
    if (jpeg && jpeg.size <= RUN_LIMITS.photoBytes)
      return { ok: true, jpeg, widthPx: canvas.width, heightPx: canvas.height }
  }
  return { ok: false, message: say('couldNotBeMadeSmallEnough', { name }) }
}
