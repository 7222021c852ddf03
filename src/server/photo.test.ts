import { expect, test } from '@jest/globals'
import { photoFault } from './photo'

const segment = (marker: number, ...bytes: number[]) => [0xff, marker, 0, bytes.length + 2, ...bytes]
const jpeg = (...segments: number[][]) =>
  Uint8Array.from([0xff, 0xd8, ...segments.flat(), ...segment(0xda, 1, 2, 3), 9, 9, 0xff, 0xd9])

const JFIF = segment(0xe0, 0x4a, 0x46, 0x49, 0x46, 0)
const TABLE = segment(0xdb, 0, 1, 2)

test('a JPEG with nothing but its picture is taken in', () => {
  expect(photoFault(jpeg(JFIF, TABLE))).toBeNull()
  expect(photoFault(jpeg(JFIF, segment(0xe2, 0x49, 0x43, 0x43), TABLE))).toBeNull()
})

test.each([
  ['place and camera', jpeg(JFIF, segment(0xe1, 0x45, 0x78, 0x69, 0x66, 0, 0)), /where it was taken/],
  ['a comment', jpeg(TABLE, segment(0xfe, 0x68, 0x69)), /where it was taken/],
  ['a PNG', Uint8Array.from([0x89, 0x50, 0x4e, 0x47]), /must be a JPEG/],
  ['nothing', new Uint8Array(0), /must be a JPEG/],
  ['a JPEG that breaks off', jpeg(JFIF).subarray(0, 8), /must be a JPEG/],
  [
    'a segment of no length that leads nowhere',
    Uint8Array.from([0xff, 0xd8, 0xff, 0xdb, 0, 0, 1, 1, 1]),
    /must be a JPEG/,
  ],
])('%s is not', (_, bytes, message) => expect(photoFault(bytes)).toMatch(message))
