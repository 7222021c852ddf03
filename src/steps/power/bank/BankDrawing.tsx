import type { Bank } from '@/core/plan/power'
import { formatNumber } from '@/words/format'
import { bankAh, bankVolts } from '@/core/storage/bank'
import { bankDrawing } from '@/words/en/pages/bank'
import { wordsOf } from '@/words/translate'

const say = wordsOf(bankDrawing)

const BOX = { width: 62, height: 34, gap: 18, row: 52 }

/**
 * How the bank is wired: batteries of a row in series, rows beside each other on two common bars, a fuse in
 * each row, the inverter behind a switch.
 */
export function BankDrawing({ bank }: { bank: Bank }) {
  const { battery, series, parallel, inverter } = bank
  const left = 34
  const rowWidth = series * (BOX.width + BOX.gap)
  const busX = left + rowWidth + 28
  const width = busX + 190
  const height = parallel * BOX.row + 34
  const middle = (parallel * BOX.row) / 2 + 8
  const line = { stroke: 'var(--ink)', strokeWidth: 1.4, fill: 'none' }
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      style={{ width: '100%', maxWidth: width * 1.15, display: 'block' }}
      role="img"
      aria-label={say('inSeriesVAh', {
        series,
        parallel,
        number: formatNumber(bankVolts(bank), 1),
        number2: formatNumber(bankAh(bank)),
      })}
      data-testid="bank-drawing"
    >
      {Array.from({ length: parallel }, (_, row) => {
        const y = 18 + row * BOX.row
        const centre = y + BOX.height / 2
        return (
          <g key={row}>
            <path d={`M${left - 16} ${centre}H${left}`} {...line} />
            {Array.from({ length: series }, (_, column) => {
              const x = left + column * (BOX.width + BOX.gap)
              return (
                <g key={column}>
                  <rect
                    x={x}
                    y={y}
                    width={BOX.width}
                    height={BOX.height}
                    fill="var(--store-wash)"
                    stroke="var(--store)"
                    strokeWidth={1.4}
                  />
                  <text x={x + 6} y={centre + 4} fontSize={12} fill="var(--ink)">
                    −
                  </text>
                  <text
                    x={x + BOX.width / 2}
                    y={centre + 4}
                    fontSize={11}
                    fill="var(--ink)"
                    textAnchor="middle"
                  >
                    {formatNumber(battery.volts, 1)} V
                  </text>
                  <text x={x + BOX.width - 13} y={centre + 4} fontSize={12} fill="var(--ink)">
                    +
                  </text>
                  <path d={`M${x + BOX.width} ${centre}h${BOX.gap}`} {...line} />
                </g>
              )
            })}
            <rect
              x={left + rowWidth - 4}
              y={centre - 5}
              width={18}
              height={10}
              fill="var(--paper)"
              stroke="var(--demand)"
              strokeWidth={1.4}
            />
            <path d={`M${left + rowWidth - 4} ${centre}H${busX}`} {...line} />
          </g>
        )
      })}
      <path
        d={`M${left - 16} ${18 + BOX.height / 2}V${18 + (parallel - 1) * BOX.row + BOX.height / 2}`}
        {...line}
      />
      <path
        d={`M${busX} ${18 + BOX.height / 2}V${18 + (parallel - 1) * BOX.row + BOX.height / 2}`}
        {...line}
      />
      <path
        d={`M${left - 16} ${middle}H${left - 26}V${height - 8}H${busX + 24}`}
        {...line}
        strokeDasharray="4 3"
      />
      <path d={`M${busX} ${middle}h24`} {...line} />
      <rect
        x={busX + 24}
        y={middle - 24}
        width={160}
        height={Math.max(48, height - middle + 16)}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
      <text x={busX + 34} y={middle - 5} fontSize={12} fill="var(--ink)">
        {formatNumber(bankVolts(bank), 1)} V × {formatNumber(bankAh(bank))} Ah
      </text>
      <text x={busX + 34} y={middle + 12} fontSize={11} fill="var(--soft)">
        {inverter
          ? say('inverterW', { number: formatNumber(inverter.continuousW.value) })
          : say('directCurrentLoads')}
      </text>
      <text x={left + rowWidth - 10} y={12} fontSize={10} fill="var(--demand)">
        {say('fuse')}
      </text>
    </svg>
  )
}
