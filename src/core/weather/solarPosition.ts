/** Where the sun stands: degrees; azimuth from north, clockwise. */
export interface SunPosition {
  zenithDeg: number
  azimuthDeg: number
  /** metres of the Earth's orbit against its mean: irradiance outside the air goes with its inverse square */
  distanceAu: number
}

const DEG = Math.PI / 180
const sin = (deg: number) => Math.sin(deg * DEG)
const cos = (deg: number) => Math.cos(deg * DEG)
const wrap = (deg: number) => ((deg % 360) + 360) % 360

/**
 * Position of the sun by the low-precision series of Meeus, Astronomical Algorithms (2nd ed., ch. 13, 22
 * and 25), topocentric but for parallax, with refraction as in NREL/TP-560-34302, eq. 42. Within 0.01° of
 * the worked example there; good to that from 1950 to 2100.
 *
 * @param utcMs moment, milliseconds since 1970 UTC
 * @param latitudeDeg north positive
 * @param longitudeDeg east positive
 * @throws RangeError for a latitude beyond ±90°
 * @example solarPosition(Date.UTC(2003, 9, 17, 19, 30, 30), 39.742476, -105.1786).zenithDeg // 50.11
 */
export function solarPosition(
  utcMs: number,
  latitudeDeg: number,
  longitudeDeg: number,
  air: { pressureHpa: number; temperatureC: number } = { pressureHpa: 1010, temperatureC: 10 },
): SunPosition {
  if (!(Math.abs(latitudeDeg) <= 90))
    throw new RangeError(`latitude ${latitudeDeg}°: from −90 (south) to 90 (north) would be right`)
  const day = utcMs / 86_400_000 + 2_440_587.5 - 2_451_545
  const t = day / 36_525
  const meanLongitude = 280.46646 + t * (36_000.76983 + t * 0.0003032)
  const anomaly = 357.52911 + t * (35_999.05029 - t * 0.0001537)
  const centre =
    (1.914602 - t * (0.004817 + t * 0.000014)) * sin(anomaly) +
    (0.019993 - t * 0.000101) * sin(2 * anomaly) +
    0.000289 * sin(3 * anomaly)
  const node = 125.04 - 1934.136 * t
  const longitude = meanLongitude + centre - 0.00569 - 0.00478 * sin(node)
  const obliquity = 23.4392911 - 0.0130042 * t + 0.00256 * cos(node)
  const eccentricity = 0.016708634 - t * 0.000042037
  const distanceAu = (1.000001018 * (1 - eccentricity ** 2)) / (1 + eccentricity * cos(anomaly + centre))
  const declination = Math.asin(sin(obliquity) * sin(longitude)) / DEG
  const rightAscension = Math.atan2(cos(obliquity) * sin(longitude), cos(longitude)) / DEG
  const sidereal =
    280.46061837 + 360.98564736629 * day + t * t * 0.000387933 - 0.00478 * sin(node) * cos(obliquity)
  const hour = wrap(sidereal + longitudeDeg - rightAscension)
  const altitude =
    Math.asin(sin(latitudeDeg) * sin(declination) + cos(latitudeDeg) * cos(declination) * cos(hour)) / DEG
  const azimuth =
    Math.atan2(sin(hour), cos(hour) * sin(latitudeDeg) - Math.tan(declination * DEG) * cos(latitudeDeg)) / DEG
  return {
    zenithDeg: 90 - altitude - refractionDeg(altitude, air),
    azimuthDeg: wrap(azimuth + 180),
    distanceAu,
  }
}

/** Degrees the air lifts the sun; nothing once it is well below the horizon. */
function refractionDeg(
  altitude: number,
  { pressureHpa, temperatureC }: { pressureHpa: number; temperatureC: number },
) {
  if (altitude < -0.83) return 0
  const tangent = Math.tan((altitude + 10.3 / (altitude + 5.11)) * DEG)
  return (((pressureHpa / 1010) * 283) / (273 + temperatureC)) * (1.02 / (60 * tangent))
}
