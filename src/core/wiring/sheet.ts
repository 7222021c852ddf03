import type { Branch, Hub } from './diagram'

/** A box of the drawing. */
export interface Box {
  kind: 'feed' | 'battery' | 'source' | 'outlet' | 'load' | 'group' | 'switch'
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
  /** of the way to loads it belongs to; null for what feeds the source, and between battery and inverter */
  branchId: string | null
  points: [x: number, y: number][]
  /** words above the wire, and so far below them those under it; 0: all on one line */
  label: { x: number; y: number; width: number; gap: number }
  /** where its fuse is drawn; null without */
  fuse: { x: number; y: number } | null
}

/** Height of a box, px; room for words over and under a wire; between boxes; round the sheet. */
export const BOX = 38
export const LABEL = 14
export const GAP = 12
export const PAD = 10
/** From the words above a wire to those under it. */
const WORDS_GAP = 21

type Place = Pick<Box, 'x' | 'y' | 'width'> & Partial<Pick<Box, 'height' | 'count'>>

/** The part of a drawing that belongs to one source, as it grows. */
export class Sheet {
  readonly boxes: Box[] = []
  readonly lines: Line[] = []

  constructor(
    readonly hub: Hub,
    readonly width: number,
  ) {}

  box(kind: Box['kind'], id: string, place: Place, branchId: string | null = null): Box {
    const box: Box = { kind, id, hubId: this.hub.source.id, branchId, height: BOX, count: 1, ...place }
    this.boxes.push(box)
    return box
  }

  line({
    label,
    ...line
  }: Omit<Line, 'hubId' | 'branchId' | 'fuse' | 'label'> &
    Partial<Pick<Line, 'branchId' | 'fuse'>> & {
      label: Omit<Line['label'], 'gap'> & { gap?: number }
    }): void {
    this.lines.push({
      hubId: this.hub.source.id,
      branchId: null,
      fuse: null,
      label: { gap: WORDS_GAP, ...label },
      ...line,
    })
  }

  /** The boxes of a branch, one under the other, and where they end. */
  stack(branch: Branch, isFolded: boolean, at: Place): { boxes: Box[]; bottom: number } {
    if (isFolded)
      return {
        boxes: [this.box('group', branch.id, { ...at, count: branch.loads.length }, branch.id)],
        bottom: at.y + BOX,
      }
    const step = BOX + 4
    return {
      boxes: branch.loads.map((load, i) =>
        this.box('load', load.id, { ...at, y: at.y + i * step }, branch.id),
      ),
      bottom: at.y + branch.loads.length * step - 4,
    }
  }
}

/** The wire between a bank and its inverter. */
export const BATTERY_LINE = 'battery'
