'use client'
import { BarController, BarElement, CategoryScale, Chart as ChartJs, LinearScale } from 'chart.js'
import Annotation from 'chartjs-plugin-annotation'
import { useMemo } from 'react'
import { Chart } from 'react-chartjs-2'
import { formatEnergy, formatNumber } from '@/words/format'
import { guideLine } from '@/ui/chart/guideLine'
import { useInk } from '@/ui/chart/useInk'
import { monthBars } from '@/words/en/pages/recharge'
import { wordsOf } from '@/words/translate'
import type { MonthYields } from './MonthChart'

const say = wordsOf(monthBars)

ChartJs.register(BarController, BarElement, CategoryScale, LinearScale, Annotation)

const LETTERS = [...'JFMAMJJASOND']
const BAR = { grouped: false, categoryPercentage: 1, barPercentage: 0.72 }

/** The bars of the twelve months: a dull day before a mixed one before a clear one, and the line of what a day needs. */
export default function MonthBars({ clear, mixed, dull, neededWh, month }: MonthYields) {
  const ink = useInk()
  const chart = useMemo(() => {
    if (!ink) return null
    const [pale, middle, full] = [ink.refillWash, ink.refillMiddle, ink.refillText]
    return {
      data: {
        labels: LETTERS,
        datasets: [
          { ...BAR, data: clear, backgroundColor: pale, order: 3 },
          { ...BAR, data: mixed, backgroundColor: middle, order: 2 },
          { ...BAR, data: dull, backgroundColor: full, order: 1 },
        ],
      },
      options: {
        animation: false as const,
        responsive: true,
        maintainAspectRatio: false,
        events: [],
        plugins: {
          annotation: {
            annotations:
              neededWh > 0
                ? [
                    guideLine(ink, {
                      axis: 'y',
                      at: neededWh,
                      words: say('aDayNeeds', { energy: formatEnergy(neededWh) }),
                      color: ink.demand,
                      wordsAt: 'end',
                    }),
                  ]
                : [],
          },
        },
        scales: {
          x: {
            border: { display: false },
            grid: { display: false },
            ticks: {
              autoSkip: false,
              maxRotation: 0,
              color: ({ index }: { index: number }) => (index === month - 1 ? ink.ink : ink.soft),
              font: ({ index }: { index: number }) => ({
                family: ink.font,
                size: 12,
                weight: index === month - 1 ? ('bold' as const) : ('normal' as const),
              }),
            },
          },
          y: {
            min: 0,
            suggestedMax: neededWh * 1.1,
            border: { display: false },
            grid: { color: ink.hairline, drawTicks: false },
            ticks: {
              maxTicksLimit: 4,
              padding: 6,
              color: ink.soft,
              font: { family: ink.font, size: 12 },
              callback: (value: number | string) => `${formatNumber(Number(value) / 1000, 1)} kWh`,
            },
          },
        },
      },
    }
  }, [ink, clear, mixed, dull, neededWh, month])
  return chart && <Chart type="bar" {...chart} updateMode="none" aria-hidden />
}
