import type { SunPosition } from './solarPosition'

/** Irradiance on the ground, W/m². */
export interface Irradiance {
  /** all of it, on a level plane */
  globalW: number
  /** straight from the sun, on a plane facing it */
  directW: number
  /** from the rest of the sky, on a level plane */
  diffuseW: number
}

/** W/m² outside the air at the Earth's mean distance. Source: Kopp & Lean 2011. */
const SOLAR_CONSTANT = 1361
/** Share of light that ordinary ground throws back. Common practice, no source. */
const ALBEDO = 0.2
/** Sun lower than this gives nothing that counts, and its split is not to be trusted. */
const LOWEST_COS = 0.0175

const DEG = Math.PI / 180
const extraterrestrialW = (distanceAu: number) => SOLAR_CONSTANT / distanceAu ** 2

/**
 * Clear-sky irradiance on a level plane: GHI = 1098 · cos z · exp(−0.059 ÷ cos z). Source: Haurwitz 1945,
 * as usually coded.
 *
 * @returns W/m²; 0 below the horizon
 */
export function clearSkyW(zenithDeg: number): number {
  const cosZ = Math.cos(zenithDeg * DEG)
  return cosZ > 0 ? 1098 * cosZ * Math.exp(-0.059 / cosZ) : 0
}

/**
 * Splits global irradiance into what comes straight from the sun and the rest of the sky by the clearness
 * index. Source: Erbs, Klein & Duffie 1982.
 */
export function splitGlobal(globalW: number, { zenithDeg, distanceAu }: SunPosition): Irradiance {
  const cosZ = Math.cos(zenithDeg * DEG)
  if (cosZ < LOWEST_COS || globalW <= 0)
    return { globalW: Math.max(0, globalW), directW: 0, diffuseW: Math.max(0, globalW) }
  const outsideW = extraterrestrialW(distanceAu)
  const diffuseW = globalW * diffuseFraction(globalW / (outsideW * cosZ))
  return { globalW, diffuseW, directW: Math.min(outsideW, (globalW - diffuseW) / cosZ) }
}

/** Share of global irradiance that is diffuse at a clearness index. Source: Erbs, Klein & Duffie 1982, eq. 1. */
export function diffuseFraction(clearness: number): number {
  const k = Math.max(0, clearness)
  if (k <= 0.22) return 1 - 0.09 * k
  if (k <= 0.8) return 0.9511 - 0.1604 * k + 4.388 * k ** 2 - 16.638 * k ** 3 + 12.336 * k ** 4
  return 0.165
}

/** A plane that panels lie in: tilt from level, azimuth from north, clockwise; degrees. */
export interface Plane {
  tiltDeg: number
  azimuthDeg: number
}

/** Cosine of the angle between the sun and the normal of a plane; 0 when it shines on its back. */
export function cosIncidence({ zenithDeg, azimuthDeg }: SunPosition, plane: Plane): number {
  const z = zenithDeg * DEG
  const tilt = plane.tiltDeg * DEG
  const cosine =
    Math.cos(z) * Math.cos(tilt) +
    Math.sin(z) * Math.sin(tilt) * Math.cos((azimuthDeg - plane.azimuthDeg) * DEG)
  return Math.max(0, cosine)
}

/**
 * Irradiance on a tilted plane, W/m².
 *
 * 'hay-davies' (1980): diffuse · (A·R_b + (1 − A)·(1 + cos β) ÷ 2), A = direct ÷ outside the air;
 * 'isotropic' (Liu & Jordan 1963): the sky equally bright all over. Ground reflection in both.
 *
 * @param isShaded the sun itself is hidden by horizon or shade: only the sky's own light counts
 */
export function onPlane(
  { globalW, directW, diffuseW }: Irradiance,
  sun: SunPosition,
  plane: Plane,
  isShaded = false,
  model: 'hay-davies' | 'isotropic' = 'hay-davies',
): number {
  const cosTilt = Math.cos(plane.tiltDeg * DEG)
  const cosZ = Math.max(LOWEST_COS, Math.cos(sun.zenithDeg * DEG))
  const cosI = cosIncidence(sun, plane)
  const around = model === 'isotropic' ? 0 : directW / extraterrestrialW(sun.distanceAu)
  const sky = ((1 - around) * (1 + cosTilt)) / 2
  const nearSun = isShaded ? 0 : around * (cosI / cosZ)
  const direct = isShaded ? 0 : directW * cosI
  return direct + diffuseW * (sky + nearSun) + (globalW * ALBEDO * (1 - cosTilt)) / 2
}
