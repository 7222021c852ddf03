/** Made-up weather files for tests: constant days unless said otherwise. */
type ByHour = (month: number, day: number, hour: number) => number

const sunny: ByHour = (_, __, hour) => (hour >= 10 && hour <= 15 ? 300 : 0)

export function epwOf(
  of: { leap?: boolean; temperature?: ByHour; global?: ByHour; direct?: ByHour; diffuse?: ByHour } = {},
): string {
  const { leap = false, temperature = () => -5, global = sunny, direct = () => 0, diffuse = sunny } = of
  const year = leap ? 2028 : 2027
  const lines = [
    'LOCATION,Little Stavering,XX,XXX,made up,000000,44.5,-71.6,-5.0,300.0',
    ...[
      'DESIGN CONDITIONS',
      'TYPICAL/EXTREME PERIODS',
      'GROUND TEMPERATURES',
      'HOLIDAYS',
      'COMMENTS 1',
      'COMMENTS 2',
      'DATA PERIODS',
    ].map((name) => `${name},0`),
  ]
  for (let ms = Date.UTC(year, 0, 1); ms < Date.UTC(year + 1, 0, 1); ms += 3_600_000) {
    const at = new Date(ms)
    const when = [at.getUTCMonth() + 1, at.getUTCDate(), at.getUTCHours() + 1] as const
    const cells = Array.from({ length: 35 }, () => '0')
    cells[0] = String(year)
    when.forEach((value, i) => (cells[i + 1] = String(value)))
    cells[4] = '60'
    cells[6] = String(temperature(...when))
    cells[13] = String(global(...when))
    cells[14] = String(direct(...when))
    cells[15] = String(diffuse(...when))
    lines.push(cells.join(','))
  }
  return lines.join('\n') + '\n'
}
