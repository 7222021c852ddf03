import type { Branch } from './diagram'
import { BATTERY_LINE, BOX, GAP, LABEL, PAD, type Sheet } from './sheet'

const SWITCH_W = 72

/** Shares of the width: where things begin and how wide they are. */
const STATION = { feedW: 0.16, sourceX: 0.3, sourceW: 0.18, loadW: 0.24 }
const BANK = { feedW: 0.13, batteryX: 0.239, batteryW: 0.115, sourceX: 0.452, sourceW: 0.122, loadW: 0.18 }
/** Of an outlet, at the source's right edge. */
const OUTLET_W = 42

/**
 * From left to right: what brings energy, the battery where it is a bank of parts, the source, what hangs on it.
 *
 * @returns where it ends
 */
export function besideEachOther(
  sheet: Sheet,
  shown: readonly Branch[],
  folded: ReadonlySet<string>,
  top: number,
): number {
  const { hub, width } = sheet
  const at = (share: number) => Math.round(width * share)
  const columns = hub.circuit ? BANK : STATION
  const sourceX = at(columns.sourceX)
  const outX = sourceX + at(columns.sourceW) + (hub.outlets.length > 0 ? OUTLET_W : 0)
  const loadW = at(columns.loadW)
  const loadX = width - loadW - PAD
  let y = top
  const heads = shown.map((branch) => {
    const start = y + LABEL
    const { boxes, bottom } = sheet.stack(branch, folded.has(branch.id), { x: loadX, y: start, width: loadW })
    y = bottom + GAP
    return { branch, boxes, y: start + BOX / 2 }
  })
  const feedStep = BOX + LABEL + GAP
  const height = Math.max(y - GAP - top, hub.feeds.length * feedStep, 110)
  sheet.box('source', hub.source.id, { x: sourceX, y: top, width: at(columns.sourceW), height })

  for (const { kind } of hub.outlets) {
    const own = heads.filter(({ branch }) => branch.outlet === kind)
    if (own.length === 0) continue
    const fromY = own[0].boxes[0].y
    const last = own[own.length - 1].boxes
    const toY = last[last.length - 1].y + BOX
    sheet.box('outlet', kind, { x: outX - OUTLET_W, y: fromY, width: OUTLET_W, height: toY - fromY })
  }
  let feedsEndX = sourceX
  if (hub.circuit) {
    feedsEndX = at(BANK.batteryX)
    const fromX = feedsEndX + at(BANK.batteryW)
    const lineY = top + LABEL + BOX / 2
    sheet.box('battery', hub.source.id, { x: feedsEndX, y: top, width: at(BANK.batteryW), height })
    sheet.line({
      id: BATTERY_LINE,
      kind: 'dc',
      points: [
        [fromX, lineY],
        [sourceX, lineY],
      ],
      label: { x: fromX + 4, y: lineY - 11, width: sourceX - fromX - 4, gap: 33 },
      fuse: { x: (fromX + sourceX) / 2, y: lineY },
    })
  }
  const feedX = PAD + at(columns.feedW)
  hub.feeds.forEach((feed, i) => {
    const boxY = top + LABEL + i * feedStep
    const lineY = boxY + BOX / 2
    sheet.box('feed', feed.id, { x: PAD, y: boxY, width: at(columns.feedW) })
    sheet.line({
      id: feed.id,
      kind: feed.isDc ? 'dc' : 'ac',
      points: [
        [feedX, lineY],
        [feedsEndX, lineY],
      ],
      label: { x: feedX + 6, y: lineY - 6, width: feedsEndX - feedX - 10 },
    })
  })
  const busX = loadX - 12
  for (const { branch, boxes, y: lineY } of heads) {
    const isFixed = branch.how === 'hard-wired'
    const roomLeft = isFixed ? SWITCH_W + 22 : 20
    if (isFixed)
      sheet.box(
        'switch',
        `${branch.id}-switch`,
        { x: loadX - SWITCH_W - 14, y: lineY - BOX / 2, width: SWITCH_W },
        branch.id,
      )
    boxes.forEach((box, i) => {
      const boxY = box.y + BOX / 2
      sheet.line({
        id: `${branch.id}-${i}`,
        branchId: branch.id,
        kind: branch.how === 'lead' ? 'dc' : 'ac',
        points:
          i === 0
            ? [
                [outX, lineY],
                [loadX, boxY],
              ]
            : [
                [busX, lineY],
                [busX, boxY],
                [loadX, boxY],
              ],
        label: { x: outX + 8, y: lineY - 6, width: loadX - outX - roomLeft },
      })
    })
  }
  return top + height
}
