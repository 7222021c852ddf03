import { Fragment } from 'react'
import type { Severity } from '@/core/hazard/finding'
import type { Plan } from '@/core/plan/document'
import { formatEnergy, formatNumber, formatWatts } from '@/words/format'
import { sourceWiringOf } from '@/core/wiring/batteryCircuit'
import type { Branch, Hub } from '@/core/wiring/diagram'
import type { Box } from '@/core/wiring/sheet'
import { diagramBox } from '@/words/en/pages/hookup'
import { outletWords, sayHookup } from '@/words/hookup/hookupWords'
import { wordsOf } from '@/words/translate'
import { BOLD, SMALL_LETTER, cut, inTwo } from './fitWords'
import styles from './hookup.module.css'
import type { Selected } from './selected'

const say = wordsOf(diagramBox)

interface DiagramBoxProps {
  box: Box
  hub: Hub
  branch: Branch | undefined
  plan: Plan
  selected: Selected
  severity: Severity | undefined
  select: (selected: Selected) => void
  open: (branchId: string) => void
}

/** Narrower, an outlet's words stand under each other. */
const NARROW_OUTLET = 80

/** Wider, a battery's words stand two to a line. */
const WIDE_BATTERY = 200

/** A part of the drawing: a link to its fields, or to the loads of a group that is folded. */
export function DiagramBox({ box, hub, branch, plan, selected, severity, select, open }: DiagramBoxProps) {
  const { x, y, width, height } = box
  const { title, lines } = boxWords(box, hub, branch, plan)
  const part = partOf(box)
  const isLarge = box.kind === 'source' || box.kind === 'battery'
  const head = inTwo(title, (width - 16) / (isLarge ? BOLD : 1))
  const headY = isLarge ? y + 20 : y + height / 2 + (head.length === 1 ? 4 : -3)
  const isSelected = part !== null && part.kind === selected.kind && part.id === selected.id
  const content =
    box.kind === 'outlet' ? (
      <>
        <rect x={x} y={y} width={width} height={height} rx={2} />
        {(width < NARROW_OUTLET ? [title, ...lines] : [[title, ...lines].join(', ')]).map((line, i) => (
          <Fragment key={line}>
            <text x={x + 5} y={y + 15 + i * 15} className={styles.soft}>
              {line}
            </text>{' '}
          </Fragment>
        ))}
      </>
    ) : (
      <>
        <rect x={x} y={y} width={width} height={height} rx={2} />
        {head.map((line, i) => (
          <Fragment key={line}>
            <text x={x + 10} y={headY + i * 15} className={isLarge ? styles.strong : undefined}>
              {line}
            </text>{' '}
          </Fragment>
        ))}
        {head.join(' ') !== title && <title>{title}</title>}
        {lines.map((line, i) => (
          <Fragment key={line}>
            <text x={x + 10} y={y + 23 + head.length * 15 + i * 17} className={styles.soft}>
              {cut(line, width - 16, SMALL_LETTER)}
            </text>{' '}
          </Fragment>
        ))}
      </>
    )
  const className = styles.box
  const data = { 'data-kind': box.kind, 'data-severity': severity, 'data-selected': isSelected }
  if (box.kind === 'group')
    return (
      <a
        href={`#open-${box.id}`}
        className={className}
        {...data}
        aria-label={say('open', { title })}
        onClick={(event) => {
          event.preventDefault()
          open(box.id)
        }}
      >
        {content}
      </a>
    )
  if (!part)
    return (
      <g className={className} {...data}>
        {content}
      </g>
    )
  return (
    <a
      href={`#${part.kind}-${part.id}`}
      className={className}
      {...data}
      aria-label={[title, ...lines].join(', ')}
      aria-current={isSelected ? 'true' : undefined}
      onClick={(event) => {
        event.preventDefault()
        select(part)
      }}
    >
      {content}
    </a>
  )
}

/** What the fields of a box belong to; null where it has none here. */
function partOf({ kind, id, hubId }: Box): Selected | null {
  switch (kind) {
    case 'load':
      return { kind: 'load', id }
    case 'battery':
    case 'source':
      return { kind: 'source', id }
    case 'outlet':
      return { kind: 'source', id: hubId }
    case 'switch':
      return { kind: 'house', id: 'house' }
    case 'feed':
      return id === 'generator' || id === 'car' ? { kind: id, id } : null
    default:
      return null
  }
}

function boxWords(
  box: Box,
  hub: Hub,
  branch: Branch | undefined,
  plan: Plan,
): { title: string; lines: string[] } {
  switch (box.kind) {
    case 'feed': {
      const feed = hub.feeds.find(({ id }) => id === box.id)!
      const name = feed.kind === 'wall' ? say('wallUntilItFails') : feed.name
      return { title: feed.isOn ? name : say('notUsed', { name }), lines: [] }
    }
    case 'battery': {
      const { battery, series, parallel } = hub.source.bank!
      const lines = [
        `${series}S${parallel}P, ${formatNumber(battery.volts * series)} V`,
        formatEnergy(hub.source.capacityWh.value),
        say('aAtMost', { number: formatNumber(hub.circuit!.amps, 0) }),
        hub.circuit!.wiring?.hasDisconnect ? say('disconnect') : say('noDisconnect'),
      ]
      return {
        title: say('battery'),
        lines: box.width < WIDE_BATTERY ? lines : [lines.slice(0, 2).join(', '), lines.slice(2).join(', ')],
      }
    }
    case 'source': {
      const { source } = hub
      const neutral = sourceWiringOf(plan, source.id)?.neutral
      return {
        title: source.name,
        lines: [
          source.bank
            ? formatWatts(source.continuousW.value)
            : `${formatEnergy(source.capacityWh.value)}, ${formatWatts(source.continuousW.value)}`,
          source.volts.map((volts) => `${volts} V`).join(', '),
          say('neutral', { neutral: neutral ?? say('unknown') }),
        ].slice(0, Math.max(1, Math.floor((box.height - 38) / 17))),
      }
    }
    case 'outlet': {
      const outlet = hub.outlets.find(({ kind }) => kind === box.id)!
      return outletWords(outlet)
    }
    case 'switch':
      return { title: sayHookup(`switch.${plan.wiring?.house?.transfer ?? 'none'}`), lines: [] }
    case 'group':
      return {
        title: say('loads', { count: box.count, cord: branch?.cord ? `, ${branch.cord.name}` : '' }),
        lines: [],
      }
    case 'load':
      return { title: plan.loads.find(({ id }) => id === box.id)?.name ?? '', lines: [] }
  }
}
