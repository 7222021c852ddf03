import type { Branch } from './diagram'
import { BATTERY_LINE, BOX, GAP, LABEL, PAD, type Sheet } from './sheet'

const SOURCE_H = 54
const BATTERY_H = 72
const WIRE_H = LABEL + 4
const OUTLET_H = 22

/**
 * On a narrow sheet: what brings energy above, two beside each other, the source under it, loads along a line below.
 *
 * @returns where it ends
 */
export function belowEachOther(
  sheet: Sheet,
  shown: readonly Branch[],
  folded: ReadonlySet<string>,
  top: number,
): number {
  const { hub, width } = sheet
  const { feeds, source } = hub
  const wide = width - 2 * PAD
  const half = (wide - PAD) / 2
  const rows = Math.ceil(feeds.length / 2)
  let y = top + rows * (BOX + WIRE_H) + (rows > 0 ? 6 : 0)
  feeds.forEach((feed, i) => {
    const x = PAD + (i % 2) * (half + PAD)
    const boxY = top + Math.floor(i / 2) * (BOX + WIRE_H)
    const lineX = x + half / 2 + (i < 2 ? 0 : 14)
    sheet.box('feed', feed.id, { x, y: boxY, width: half })
    sheet.line({
      id: feed.id,
      kind: feed.isDc ? 'dc' : 'ac',
      points: [
        [lineX, boxY + BOX],
        [lineX, y],
      ],
      label: { x: lineX + 6, y: boxY + BOX + 13, width: half / 2 - 10 },
    })
  })
  if (hub.circuit) {
    sheet.box('battery', source.id, { x: PAD, y, width: wide, height: BATTERY_H })
    const fromY = y + BATTERY_H
    y = fromY + 2 * WIRE_H + GAP
    sheet.line({
      id: BATTERY_LINE,
      kind: 'dc',
      points: [
        [PAD + 24, fromY],
        [PAD + 24, y],
      ],
      label: { x: PAD + 40, y: fromY + LABEL + 2, width: wide - 40 },
      fuse: { x: PAD + 24, y: (fromY + y) / 2 },
    })
  }
  sheet.box('source', source.id, { x: PAD, y, width: wide, height: SOURCE_H })
  const trunkX = PAD + 14
  const trunkTop = y + SOURCE_H
  const loadX = trunkX + 26
  let trunkEnd = trunkTop
  y = trunkTop + GAP
  let outlet: Branch['outlet'] | null = null
  for (const branch of shown) {
    if (hub.outlets.length > 0 && branch.outlet !== outlet) {
      outlet = branch.outlet
      sheet.box('outlet', outlet, { x: loadX, y: y + 4, width: width - loadX - PAD, height: OUTLET_H })
      y += OUTLET_H + 10
    }
    const place = { x: loadX, y: y + LABEL, width: width - loadX - PAD }
    const label = { x: loadX, y: y + 11, width: place.width, gap: 0 }
    const { boxes, bottom } = sheet.stack(branch, folded.has(branch.id), place)
    boxes.forEach((box, i) =>
      sheet.line({
        id: `${branch.id}-${i}`,
        branchId: branch.id,
        kind: branch.how === 'lead' ? 'dc' : 'ac',
        points: [
          [trunkX, box.y + BOX / 2],
          [loadX, box.y + BOX / 2],
        ],
        label,
      }),
    )
    trunkEnd = boxes[boxes.length - 1].y + BOX / 2
    y = bottom + GAP
  }
  sheet.line({
    id: 'trunk',
    kind: 'ac',
    points: [
      [trunkX, trunkTop],
      [trunkX, trunkEnd],
    ],
    label: { x: trunkX, y: trunkTop, width: 0 },
  })
  return y
}
