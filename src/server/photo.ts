import { photo } from '@/words/en/server/refusals'
import { wordsOf } from '@/words/translate'

const say = wordsOf(photo)

/** Photos as they are taken in: JPEG, with nothing in them beside the picture. */

/** Segments that say something beside the picture: place and time it was taken, the camera, a comment. */
const EXIF = 0xe1
const AFTER_PROFILE = 0xe3
const LAST_APPLICATION = 0xef
const COMMENT = 0xfe
const START_OF_SCAN = 0xda

/**
 * What is wrong with a picture; null where it can be taken in.
 *
 * Walks the segments of a JPEG up to its picture (ITU-T T.81, annex B). A colour profile (APP2), as browsers write, is no word about the house.
 */
export function photoFault(jpeg: Uint8Array): string | null {
  const notJpeg = say('thePhotoMustBeAJpeg')
  if (jpeg[0] !== 0xff || jpeg[1] !== 0xd8) return notJpeg
  let at = 2
  while (at + 4 <= jpeg.length) {
    if (jpeg[at] !== 0xff) return notJpeg
    const marker = jpeg[at + 1]
    if (marker === START_OF_SCAN) return null
    if (marker === EXIF || (marker >= AFTER_PROFILE && marker <= LAST_APPLICATION) || marker === COMMENT)
      return say('thePhotoSaysMoreThanIts')
    at += 2 + (jpeg[at + 2] << 8) + jpeg[at + 3]
  }
  return notJpeg
}
