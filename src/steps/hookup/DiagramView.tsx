'use client'
import { type CSSProperties, Fragment, useEffect, useMemo, useRef, useState } from 'react'
import type { Plan } from '@/core/plan/document'
import type { Severity } from '@/core/hazard/finding'
import type { Branch, Diagram, Hub } from '@/core/wiring/diagram'
import { branchKey, layOut } from '@/core/wiring/diagramLayout'
import { BATTERY_LINE, type Line } from '@/core/wiring/sheet'
import { diagramView } from '@/words/en/pages/hookup'
import { type WireWords, branchWords, circuitWords, feedWords } from '@/words/hookup/hookupWords'
import { wordsOf } from '@/words/translate'
import { DiagramBox } from './DiagramBox'
import { SMALL_LETTER, cut } from './fitWords'
import styles from './hookup.module.css'
import type { Selected } from './selected'

const say = wordsOf(diagramView)

interface DiagramViewProps {
  plan: Plan
  diagram: Diagram
  selected: Selected
  select: (selected: Selected) => void
  /** the worst that was found of a part, by its id */
  worst: ReadonlyMap<string, Severity>
}

const USUAL_WIDTH = 860
/** A phone's, until the page's own is known. */
const NARROW_WIDTH = 370
const NONE_OPENED: ReadonlySet<string> = new Set()
const isTroubled = ({ circuit }: Hub) =>
  circuit?.fuseTrouble === 'none' ||
  circuit?.cableTrouble === 'too thin' ||
  circuit?.cableTrouble === 'over its fuse'

/** What plugs into what: a one-line diagram of the plan as it stands; each part is a link to its fields. */
export function DiagramView({ plan, diagram, selected, select, worst }: DiagramViewProps) {
  const frame = useRef<HTMLDivElement>(null)
  const [measured, setWidth] = useState<number | null>(null)
  const width = measured ?? USUAL_WIDTH
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set())
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) =>
      setWidth(Math.max(280, Math.round(entry.contentRect.width))),
    )
    if (frame.current) observer.observe(frame.current)
    return () => observer.disconnect()
  }, [])
  const layout = useMemo(() => layOut(diagram, width, opened), [diagram, width, opened])
  const narrowHeight = useMemo(
    () => (measured === null ? layOut(diagram, NARROW_WIDTH, NONE_OPENED).height : 0),
    [diagram, measured],
  )
  const saying = { units: plan.household.units, startsAt: plan.scenario.startsAt }
  const hubOf = (id: string) => diagram.hubs.find(({ source }) => source.id === id)!
  const branchOf = (hubId: string, id: string | null): Branch | undefined =>
    id === null ? undefined : layout.branches.get(branchKey(hubId, id))

  const open = (id: string) => setOpened((now) => new Set([...now, id]))
  return (
    <div
      ref={frame}
      className={styles.diagram}
      style={{ '--narrow-height': `${narrowHeight}px` } as CSSProperties}
    >
      <svg
        width={layout.width}
        height={layout.height}
        viewBox={`0 0 ${layout.width} ${layout.height}`}
        role="group"
        aria-label={say('whatPlugsIntoWhat')}
        id="hookup-drawing"
      >
        {layout.lines.map(({ id, kind, points, hubId, branchId, label, fuse }) => {
          const hub = hubOf(hubId)
          const branch = branchOf(hubId, branchId)
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
          <DiagramBox
            key={`${box.hubId} ${box.kind} ${box.id}`}
            box={box}
            hub={hubOf(box.hubId)}
            branch={branchOf(box.hubId, box.branchId)}
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
  const shown = lines.map((line) => cut(line, width, SMALL_LETTER))
  return (
    <>
      {shown.map((line, i) => (
        <Fragment key={i}>
          <text x={x} y={y + i * gap}>
            {line}
          </text>{' '}
        </Fragment>
      ))}
      {shown.join() !== lines.join() && <title>{whole}</title>}
    </>
  )
}
