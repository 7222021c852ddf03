import type { Branch, Diagram, Hub } from './diagram'
import { drawTogether } from './draw'
import { belowEachOther } from './layoutBelow'
import { besideEachOther } from './layoutBeside'
import { type Box, GAP, type Line, PAD, Sheet } from './sheet'

export interface Layout {
  width: number
  height: number
  boxes: Box[]
  lines: Line[]
  /** what is drawn for each way to loads, by source and way */
  branches: ReadonlyMap<string, Branch>
}

/** What a branch of a drawing is kept under. */
export const branchKey = (hubId: string, branchId: string) => `${hubId} ${branchId}`

/** More boxes than this are not read: loads of one cord fold into one. */
export const MOST_BOXES = 30
/** Narrower than this everything stands below each other. */
const NARROW = 620
/** Boxes of a source beside its loads: what feeds it, battery, inverter. */
const AROUND = 5

/** How many boxes a branch takes when it is open. */
const boxesOf = ({ loads, how }: Branch) => loads.length + (how === 'hard-wired' ? 1 : 0)

/**
 * Which branches are folded where all together would be too many: those with several loads, but for those opened by hand;
 * single loads beyond the limit fold into one group for each way they are connected.
 */
function foldedOf(
  hub: Hub,
  room: number,
  opened: ReadonlySet<string>,
): { shown: readonly Branch[]; folded: ReadonlySet<string> } {
  const total = hub.branches.reduce((sum, branch) => sum + boxesOf(branch), 0)
  if (total <= room) return { shown: hub.branches, folded: new Set() }
  const merged = new Map<string, Branch>()
  for (const branch of hub.branches) {
    const key = branch.cord ? branch.id : `${branch.how}-${branch.outlet}-all`
    const known = merged.get(key)
    merged.set(key, known ? together(known, branch) : { ...branch, id: key })
  }
  const shown = [...merged.values()]
  const isFolded = ({ id, loads }: Branch) => loads.length > 1 && !opened.has(id)
  return { shown, folded: new Set(shown.filter(isFolded).map(({ id }) => id)) }
}

/** Ways to several loads as one, each of them by its own wire. */
const together = (a: Branch, b: Branch): Branch => ({
  ...a,
  loads: [...a.loads, ...b.loads],
  draw: drawTogether([a.draw, b.draw])!,
  ...(a.cord ? {} : { wire: null, lengthM: null, least: null, drop: null, isOver: a.isOver || b.isOver }),
})

/**
 * Lays the diagram out from left to right: what brings energy, the source, what hangs on it; on a narrow sheet below each
 * other.
 *
 * @param width of the sheet, px
 * @param opened ids of branches that were opened by hand
 */
export function layOut(diagram: Diagram, width: number, opened: ReadonlySet<string> = new Set()): Layout {
  const hubs = Math.max(1, diagram.hubs.length)
  const lay = width < NARROW ? belowEachOther : besideEachOther
  let top = PAD
  const branches = new Map<string, Branch>()
  const sheets = diagram.hubs.map((hub) => {
    const sheet = new Sheet(hub, width)
    const room = Math.max(6, Math.floor(MOST_BOXES / hubs) - AROUND - hub.outlets.length)
    const { shown, folded } = foldedOf(hub, room, opened)
    for (const branch of shown) branches.set(branchKey(hub.source.id, branch.id), branch)
    top = lay(sheet, shown, folded, top) + 2 * GAP
    return sheet
  })
  return {
    width,
    height: Math.max(80, top - GAP),
    boxes: sheets.flatMap(({ boxes }) => boxes),
    lines: sheets.flatMap(({ lines }) => lines),
    branches,
  }
}
