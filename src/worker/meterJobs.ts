import type { MeterFindings } from '@/core/meter/analyse'
import type { ColumnMapping } from '@/core/meter/columns'
import type { MeterSamples, RefusedLine } from '@/core/meter/samples'

/** The first rows of a meter's file, and a guess at what its columns hold. */
export interface MeterPreview {
  rows: string[][]
  separator: string
  guess: ColumnMapping
}

export interface MeterFile {
  samples: MeterSamples
  findings: MeterFindings
  refused: RefusedLine[]
  refusedCount: number
  lines: number
}

/** What the meter worker does for a page. */
export interface MeterJobs {
  preview(file: File): Promise<MeterPreview>
  /** @param progress told the share read, 0…1 */
  read(
    file: File,
    separator: string,
    mapping: ColumnMapping,
    progress: (share: number) => void,
  ): Promise<MeterFile>
  /** what a record that came over a stream tells */
  analyse(samples: MeterSamples): MeterFindings
}
