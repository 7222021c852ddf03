/**
 * Seeded chance without state: every draw is a hash of (stream, index). A stream belongs to one thing in
 * one run, so changing one load never shifts the draws of another, and two variants of a plan can be
 * compared run by run.
 */

const GOLDEN = 0x9e3779b9

/** A 32-bit finaliser with full avalanche ("lowbias32", from memory). Returns an unsigned integer. */
export function mix32(x: number): number {
  x ^= x >>> 16
  x = Math.imul(x, 0x21f0aaad)
  x ^= x >>> 15
  x = Math.imul(x, 0x735a2d97)
  return (x ^ (x >>> 15)) >>> 0
}

/** A 32-bit key of a text, the same on every machine (FNV-1a, finalised). */
export function keyOf(text: string): number {
  let h = 0x811c9dc5
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193)
  return mix32(h)
}

/** The stream of one thing (by its key) in one run under one seed. */
export function streamOf(seed: number, key: number, run: number): number {
  return mix32(mix32(seed ^ key) + Math.imul(run + 1, GOLDEN))
}

/** The `index`-th 32 random bits of a stream, as an unsigned integer. */
export function bitsAt(stream: number, index: number): number {
  // kept in 32-bit integers all the way: a detour over doubles costs more than the hash
  return mix32(((stream | 0) + Math.imul(index, GOLDEN)) | 0)
}

/** The `index`-th uniform number of a stream, in the open interval 0…1. */
export function uniformAt(stream: number, index: number): number {
  return (bitsAt(stream, index) + 0.5) / 4294967296
}
