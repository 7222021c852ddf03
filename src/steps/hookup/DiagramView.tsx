'use client'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { Plan } from '@/core/plan/document'
import { formatEnergy, formatNumber, formatWatts } from '@/core/quantity/format'
import type { Severity } from '@/core/hazard/finding'
import { sourceWiringOf } from '@/core/wiring/batteryCircuit'
import type { Branch, Diagram, Hub } from '@/core/wiring/diagram'
import { layOut } from '@/core/wiring/diagramLayout'
import { BATTERY_LINE, type Box, type Line } from '@/core/wiring/sheet'
import { type WireWords, branchWords, circuitWords, feedWords, sayHookup } from '@/words/hookup/hookupWords'
import styles from './hookup.module.css'
import type { Selected } from './selected'

interface DiagramViewProps {
  plan: Plan
  diagram: Diagram
  selected: Selected
  select: (selected: Selected) => void
  /** the worst that was found of a part, by its id */
  worst: ReadonlyMap<string, Severity>
}

const USUAL_WIDTH = 860
/** A letter's width in a box's name, and in the smaller type beside it, px. */
const LETTER = 6.4
const SMALL_LETTER = 5.7
/** Bold letters are so much wider. */
const BOLD = 1.1

const cut = (text: string, width: number, letter = LETTER) => {
  const most = Math.max(3, Math.floor(width / letter))
  return text.length > most ? `${text.slice(0, most - 1).trimEnd()}…` : text
}

const isTroubled = ({ circuit }: Hub) =>
  circuit?.fuseTrouble === 'none' ||
  circuit?.cableTrouble === 'too thin' ||
  circuit?.cableTrouble === 'over its fuse'

/** A name on one line or two. */
function inTwo(text: string, width: number): string[] {
  const most = Math.floor(width / LETTER)
  if (text.length <= most) return [text]
  const at = text.lastIndexOf(' ', most)
  return at <= 0 ? [cut(text, width)] : [text.slice(0, at), cut(text.slice(at + 1), width)]
}

/** What plugs into what: a one-line diagram of the plan as it stands; each part is a link to its fields. */
export function DiagramView({ plan, diagram, selected, select, worst }: DiagramViewProps) {
  const frame = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(USUAL_WIDTH)
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set())
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) =>
      setWidth(Math.max(280, Math.round(entry.contentRect.width))),
    )
    if (frame.current) observer.observe(frame.current)
    return () => observer.disconnect()
  }, [])
  const layout = useMemo(() => layOut(diagram, width, opened), [diagram, width, opened])
  const saying = { units: plan.household.units, startsAt: plan.scenario.startsAt }
  const hubOf = (id: string) => diagram.hubs.find(({ source }) => source.id === id)!
  const branchOf = (hub: Hub, id: string | null): Branch | undefined =>
    hub.branches.find((branch) => branch.id === id) ??
    hub.branches.find((branch) => `${branch.how}-all` === id)

  const open = (id: string) => setOpened((now) => new Set([...now, id]))
  return (
    <div ref={frame} className={styles.diagram}>
      <svg
        width={layout.width}
        height={layout.height}
        viewBox={`0 0 ${layout.width} ${layout.height}`}
        role="group"
        aria-label="What plugs into what"
        id="hookup-drawing"
      >
        {layout.lines.map(({ id, kind, points, hubId, branchId, label, fuse }) => {
          const hub = hubOf(hubId)
          const branch = branchOf(hub, branchId)
          const path = points.map(([x, y], i) => `${i ? 'L' : 'M'}${x} ${y}`).join('')
          const feed = branchId === null ? hub.feeds.find((one) => one.id === id) : undefined
          const severity = worst.get(branch?.cord?.id ?? branch?.loads[0]?.id ?? id)
          const words = feed
            ? feedWords(feed, saying)
            : id === BATTERY_LINE && hub.circuit
              ? circuitWords(hub.circuit, saying)
              : branch && id.endsWith('-0')
                ? branchWords(branch, saying)
                : null
          return (
            <g
              key={`${hubId} ${id}`}
              className={styles.wire}
              data-kind={kind}
              data-over={branch?.isOver ?? (id === BATTERY_LINE && isTroubled(hub))}
              data-off={feed ? !feed.isOn : false}
            >
              <path d={path} />
              {kind === 'dc' && <path d={path} className={styles.inner} />}
              {fuse && <rect className={styles.fuse} x={fuse.x - 9} y={fuse.y - 6} width={18} height={12} />}
              {words && branch?.cord ? (
                <a
                  href={`#cord-${branch.cord.id}`}
                  aria-label={`${branch.cord.name}: ${words.above}, ${words.below}`}
                  data-severity={severity}
                  onClick={(event) => {
                    event.preventDefault()
                    select({ kind: 'cord', id: branch.cord!.id })
                  }}
                >
                  <rect x={label.x - 4} y={label.y - 14} width={label.width + 4} height={40} />
                  <WireLabel words={words} {...label} />
                </a>
              ) : (
                words && <WireLabel words={words} {...label} />
              )}
            </g>
          )
        })}
        {layout.boxes.map((box) => (
          <BoxView
            key={`${box.hubId} ${box.kind} ${box.id}`}
            box={box}
            hub={hubOf(box.hubId)}
            branch={branchOf(hubOf(box.hubId), box.branchId)}
            plan={plan}
            selected={selected}
            severity={worst.get(box.kind === 'switch' ? 'house' : box.id)}
            select={select}
            open={open}
          />
        ))}
      </svg>
    </div>
  )
}

function WireLabel({ words, x, y, width, gap }: { words: WireWords } & Line['label']) {
  const whole = `${words.above}, ${words.below}`
  const lines = gap === 0 ? [whole] : [words.above, words.below]
  return (
    <>
      {lines.map((line, i) => (
        <text key={i} x={x} y={y + i * gap}>
          {cut(line, width, SMALL_LETTER)}
        </text>
      ))}
      <title>{whole}</title>
    </>
  )
}

interface BoxViewProps {
  box: Box
  hub: Hub
  branch: Branch | undefined
  plan: Plan
  selected: Selected
  severity: Severity | undefined
  select: (selected: Selected) => void
  open: (branchId: string) => void
}

function BoxView({ box, hub, branch, plan, selected, severity, select, open }: BoxViewProps) {
  const { x, y, width, height } = box
  const { title, lines } = wordsOf(box, hub, branch, plan)
  const part = partOf(box)
  const isLarge = box.kind === 'source' || box.kind === 'battery'
  const head = inTwo(title, (width - 16) / (isLarge ? BOLD : 1))
  const headY = isLarge ? y + 20 : y + height / 2 + (head.length === 1 ? 4 : -3)
  const isSelected = part !== null && part.kind === selected.kind && part.id === selected.id
  const content = (
    <>
      <rect x={x} y={y} width={width} height={height} rx={2} />
      {head.map((line, i) => (
        <text key={line} x={x + 10} y={headY + i * 15} className={isLarge ? styles.strong : undefined}>
          {line}
        </text>
      ))}
      <title>{title}</title>
      {lines.map((line, i) => (
        <text key={line} x={x + 10} y={y + 23 + head.length * 15 + i * 17} className={styles.soft}>
          {cut(line, width - 16, SMALL_LETTER)}
        </text>
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
        aria-label={`${title}: open`}
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
function partOf({ kind, id }: Box): Selected | null {
  switch (kind) {
    case 'load':
      return { kind: 'load', id }
    case 'battery':
    case 'source':
      return { kind: 'source', id }
    case 'switch':
      return { kind: 'house', id: 'house' }
    case 'feed':
      return id === 'generator' || id === 'car' ? { kind: id, id } : null
    default:
      return null
  }
}

function wordsOf(
  box: Box,
  hub: Hub,
  branch: Branch | undefined,
  plan: Plan,
): { title: string; lines: string[] } {
  switch (box.kind) {
    case 'feed': {
      const feed = hub.feeds.find(({ id }) => id === box.id)!
      const name = feed.kind === 'wall' ? 'Wall, until it fails' : feed.name
      return { title: feed.isOn ? name : `${name} (not used)`, lines: [] }
    }
    case 'battery': {
      const { battery, series, parallel } = hub.source.bank!
      return {
        title: 'Battery',
        lines: [
          `${series}S${parallel}P, ${formatNumber(battery.volts * series)} V`,
          formatEnergy(hub.source.capacityWh.value),
          `${formatNumber(hub.circuit!.amps, 0)} A at most`,
          hub.circuit!.wiring?.hasDisconnect ? 'disconnect' : 'no disconnect',
        ],
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
          `neutral ${neutral ?? 'unknown'}`,
        ].slice(0, Math.max(1, Math.floor((box.height - 38) / 17))),
      }
    }
    case 'switch':
      return { title: sayHookup(`switch.${plan.wiring?.house?.transfer ?? 'none'}`), lines: [] }
    case 'group':
      return { title: `${box.count} loads${branch?.cord ? `, ${branch.cord.name}` : ''}`, lines: [] }
    case 'load':
      return { title: plan.loads.find(({ id }) => id === box.id)?.name ?? '', lines: [] }
  }
}
