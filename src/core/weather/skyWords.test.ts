import { describe, expect, test } from '@jest/globals'
import { planWith } from '../../../tests/support/samplePlan'
import { clearSkyW, splitGlobal } from './irradiance'
import { SKIES, sunAt } from './sky'
import { skyWords } from './skyWords'

const base = { ...planWith([]).scenario, startsAt: '2027-05-10T06:00', durationH: 96 }

describe('one word a day from hours', () => {
  const shares = [1, 0.72, 0.24, 0.1]
  test('four unlike days keep four words', () => {
    const sunShare = Array.from({ length: 96 }, (_, h) => shares[Math.floor((h + 6) / 24)] ?? 0.1)
    const scenario = { ...base, sky: { kind: 'hours' as const, name: 'typed', sunShare } }
    expect(skyWords(scenario).slice(0, 4)).toEqual(['clear', 'mixed', 'overcast', 'dark'])
  })
  test('hours of a weather file as well, from the file’s own light', () => {
    const light = Array.from({ length: 120 }, (_, h) => {
      const sun = sunAt(base, h * 60 + 30)
      const share = Math.floor((h + 6) / 24) % 2 ? SKIES.overcast.share : SKIES.clear.share
      return sun.zenithDeg >= 90
        ? { globalW: 0, directW: 0, diffuseW: 0 }
        : splitGlobal(clearSkyW(sun.zenithDeg) * share, sun)
    })
    const sky = {
      kind: 'measured' as const,
      name: 'file',
      temperatureC: light.map(() => 5),
      globalW: light.map(({ globalW }) => globalW),
      directW: light.map(({ directW }) => directW),
      diffuseW: light.map(({ diffuseW }) => diffuseW),
    }
    expect(skyWords({ ...base, sky }).slice(0, 4)).toEqual(['clear', 'overcast', 'clear', 'overcast'])
  })
  test('an evening without sun takes the word of the day beside it', () => {
    const late = { ...base, startsAt: '2027-01-10T21:00', durationH: 24 }
    expect(skyWords({ ...late, sky: { kind: 'hours', name: 'x', sunShare: Array(48).fill(0.25) } })).toEqual([
      'overcast',
      'overcast',
    ])
  })
})
