import type { Branch, Diagram, Hub } from './diagram'

/** A box of the drawing. */
export interface Box {
  kind: 'feed' | 'source' | 'load' | 'group' | 'switch'
  /** of the part it stands for */
  id: string
  hubId: string
  branchId: string | null
  x: number
  y: number
  width: number
  height: number
  /** loads of a group that is folded */
  count: number
}

/** A wire of the drawing: its corners, and where its words stand. */
export interface Line {
  id: string
  hubId: string
  kind: 'ac' | 'dc'
  branchId: string | null
  points: [x: number, y: number][]
  label: { x: number; y: number; width: number }
}

export interface Layout {
  width: number
  height: number
  boxes: Box[]
  lines: Line[]
}

/** More boxes than this are not read: loads of one cord fold into one. */
export const MOST_BOXES = 30
const BOX = 38
const GAP = 12
const LABEL = 14
const PAD = 10
/** Narrower than this everything stands below each other. */
const NARROW = 620

/** How many boxes a branch takes when it is open. */
const boxesOf = ({ loads, how }: Branch) => loads.length + (how === 'hard-wired' ? 1 : 0)

/**
 * Which branches are folded: those a person folded or never opened, where all together would be too many; single loads
 * beyond the limit fold into one group for each way they are connected.
 *
 * @param opened ids of branches that were opened by hand
 */
function foldedOf(
  hub: Hub,
  room: number,
  opened: ReadonlySet<string>,
): { shown: Branch[]; folded: Set<string> } {
  const total = hub.branches.reduce((sum, branch) => sum + boxesOf(branch), 0)
  if (total <= room) return { shown: hub.branches, folded: new Set() }
  const merged = new Map<string, Branch>()
  for (const branch of hub.branches) {
    const key = branch.cord ? branch.id : `${branch.how}-all`
    const known = merged.get(key)
    merged.set(key, known ? { ...known, loads: [...known.loads, ...branch.loads] } : { ...branch, id: key })
  }
  const shown = [...merged.values()]
  const folded = new Set(
    shown.filter(({ id, loads }) => loads.length > 1 && !opened.has(id)).map(({ id }) => id),
  )
  return { shown, folded }
}

/**
 * Lays the diagram out from left to right: what brings energy, the source, what hangs on it; on a narrow sheet below each
 * other.
 *
 * @param width of the sheet, px
 */
export function layOut(diagram: Diagram, width: number, opened: ReadonlySet<string> = new Set()): Layout {
  const boxes: Box[] = []
  const lines: Line[] = []
  const isNarrow = width < NARROW
  const room = Math.max(
    6,
    Math.floor((MOST_BOXES - diagram.hubs.length * 4) / Math.max(1, diagram.hubs.length)),
  )
  let top = PAD
  for (const hub of diagram.hubs) {
    const { shown, folded } = foldedOf(hub, room, opened)
    top = isNarrow
      ? below(hub, shown, folded, width, top, boxes, lines)
      : beside(hub, shown, folded, width, top, boxes, lines)
    top += 2 * GAP
  }
  return { width, height: Math.max(80, top - GAP), boxes, lines }
}

/** The boxes of a branch, one under the other, and the height they take. */
function stack(
  branch: Branch,
  hub: Hub,
  isFolded: boolean,
  at: { x: number; y: number; width: number },
  boxes: Box[],
) {
  const make = (kind: Box['kind'], id: string, y: number, x = at.x, width = at.width, count = 1): Box => {
    const box = { kind, id, hubId: hub.source.id, branchId: branch.id, x, y, width, height: BOX, count }
    boxes.push(box)
    return box
  }
  if (isFolded)
    return {
      boxes: [make('group', branch.id, at.y, at.x, at.width, branch.loads.length)],
      bottom: at.y + BOX,
    }
  const made = branch.loads.map((load, i) => make('load', load.id, at.y + i * (BOX + 4)))
  return { boxes: made, bottom: at.y + branch.loads.length * (BOX + 4) - 4 }
}

function beside(
  hub: Hub,
  shown: readonly Branch[],
  folded: ReadonlySet<string>,
  width: number,
  top: number,
  boxes: Box[],
  lines: Line[],
): number {
  const hubId = hub.source.id
  const feedW = Math.round(width * 0.17)
  const sourceX = Math.round(width * 0.33)
  const sourceW = Math.round(width * 0.18)
  const loadW = Math.round(width * 0.24)
  const loadX = width - loadW - PAD
  const switchW = 96
  let y = top
  const heads: { branch: Branch; y: number }[] = []
  for (const branch of shown) {
    const start = y + LABEL
    const { bottom } = stack(branch, hub, folded.has(branch.id), { x: loadX, y: start, width: loadW }, boxes)
    heads.push({ branch, y: start + BOX / 2 })
    y = bottom + GAP
  }
  const feedsH = hub.feeds.length * (BOX + LABEL + GAP)
  const height = Math.max(y - GAP - top, feedsH, 90)
  boxes.push({
    kind: 'source',
    id: hubId,
    hubId,
    branchId: null,
    x: sourceX,
    y: top,
    width: sourceW,
    height,
    count: 1,
  })
  hub.feeds.forEach((feed, i) => {
    const fy = top + LABEL + i * (BOX + LABEL + GAP)
    boxes.push({
      kind: 'feed',
      id: feed.id,
      hubId,
      branchId: null,
      x: PAD,
      y: fy,
      width: feedW,
      height: BOX,
      count: 1,
    })
    const x = PAD + feedW
    lines.push({
      id: feed.id,
      hubId,
      kind: feed.isDc ? 'dc' : 'ac',
      branchId: null,
      points: [
        [x, fy + BOX / 2],
        [sourceX, fy + BOX / 2],
      ],
      label: { x: x + 6, y: fy + BOX / 2 - 6, width: sourceX - x - 12 },
    })
  })
  const outX = sourceX + sourceW
  for (const { branch, y: at } of heads) {
    const own = boxes.filter(
      (box) => box.branchId === branch.id && box.hubId === hubId && box.kind !== 'switch',
    )
    const isFixed = branch.how === 'hard-wired'
    if (isFixed)
      boxes.push({
        kind: 'switch',
        id: `${branch.id}-switch`,
        hubId,
        branchId: branch.id,
        x: loadX - switchW - 14,
        y: at - BOX / 2,
        width: switchW,
        height: BOX,
        count: 1,
      })
    own.forEach((box, i) => {
      const cy = box.y + BOX / 2
      const busX = loadX - 12
      lines.push({
        id: `${branch.id}-${i}`,
        hubId,
        branchId: branch.id,
        kind: branch.how === 'lead' ? 'dc' : 'ac',
        points:
          i === 0
            ? [
                [outX, at],
                [loadX, cy],
              ]
            : [
                [busX, at],
                [busX, cy],
                [loadX, cy],
              ],
        label: { x: outX + 8, y: at - 6, width: loadX - outX - (isFixed ? switchW + 30 : 20) },
      })
    })
  }
  return top + height
}

function below(
  hub: Hub,
  shown: readonly Branch[],
  folded: ReadonlySet<string>,
  width: number,
  top: number,
  boxes: Box[],
  lines: Line[],
): number {
  const hubId = hub.source.id
  const half = (width - 3 * PAD) / 2
  let y = top
  hub.feeds.forEach((feed, i) => {
    const x = PAD + (i % 2) * (half + PAD)
    boxes.push({ kind: 'feed', id: feed.id, hubId, branchId: null, x, y, width: half, height: BOX, count: 1 })
    const sourceY = top + Math.ceil(hub.feeds.length / 2) * (BOX + LABEL + 4) + 6
    const cx = x + half / 2 + (i < 2 ? 0 : 14)
    lines.push({
      id: feed.id,
      hubId,
      kind: feed.isDc ? 'dc' : 'ac',
      branchId: null,
      points: [
        [cx, y + BOX],
        [cx, sourceY],
      ],
      label: { x: cx + 6, y: y + BOX + 13, width: half / 2 - 10 },
    })
    if (i % 2 === 1 || i === hub.feeds.length - 1) y += BOX + LABEL + 4
  })
  if (hub.feeds.length > 0) y += 6
  const sourceH = 54
  boxes.push({
    kind: 'source',
    id: hubId,
    hubId,
    branchId: null,
    x: PAD,
    y,
    width: width - 2 * PAD,
    height: sourceH,
    count: 1,
  })
  const trunkX = PAD + 14
  const trunkTop = y + sourceH
  y = trunkTop + GAP
  const loadX = trunkX + 26
  for (const branch of shown) {
    const labelY = y + 12
    const { boxes: made, bottom } = stack(
      branch,
      hub,
      folded.has(branch.id),
      { x: loadX, y: y + LABEL, width: width - loadX - PAD },
      boxes,
    )
    made.forEach((box, i) =>
      lines.push({
        id: `${branch.id}-${i}`,
        hubId,
        branchId: branch.id,
        kind: branch.how === 'lead' ? 'dc' : 'ac',
        points: [
          [trunkX, trunkTop],
          [trunkX, box.y + BOX / 2],
          [loadX, box.y + BOX / 2],
        ],
        label: { x: loadX, y: labelY, width: width - loadX - PAD },
      }),
    )
    y = bottom + GAP
  }
  return y
}
