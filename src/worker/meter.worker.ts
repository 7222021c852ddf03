import { expose } from 'comlink'
import Papa from 'papaparse'
import { analyseMeter } from '@/core/meter/analyse'
import { guessColumns } from '@/core/meter/columns'
import { MeterReader } from '@/core/meter/readRows'
import { ToldError } from '@/core/quantity/told'
import { UNITS_OF } from '@/core/quantity/units'
import { sayMeter } from '@/words/reading/sayMeter'
import type { MeterFile, MeterJobs, MeterPreview } from './meterJobs'

const PREVIEW_ROWS = 30
/** Bytes parsed between two words of progress. */
const CHUNK_BYTES = 256 * 1024

const jobs: MeterJobs = {
  preview: (file) =>
    new Promise<MeterPreview>((resolve, reject) =>
      Papa.parse<string[]>(file.slice(0, CHUNK_BYTES) as File, {
        preview: PREVIEW_ROWS,
        delimitersToGuess: [',', ';', '\t', '|'],
        complete: ({ data, meta }) => {
          const separator = meta.delimiter || ','
          resolve({ rows: data, separator, guess: guessColumns(data, separator) })
        },
        error: reject,
      }),
    ),
  read: (file, separator, mapping, progress) =>
    new Promise<MeterFile>((resolve, reject) => {
      const reader = new MeterReader(mapping)
      let lines = 0
      Papa.parse<string[]>(file, {
        delimiter: separator,
        chunkSize: CHUNK_BYTES,
        chunk: ({ data, meta }) => {
          for (const row of data) reader.add(row)
          lines += data.length
          progress(Math.min(1, meta.cursor / file.size))
        },
        complete: () => {
          try {
            const samples = reader.finish()
            const { refused, refusedCount } = reader
            resolve({ samples, findings: analyseMeter(samples), refused, refusedCount, lines })
          } catch (error) {
            // what a worker throws keeps its message alone
            reject(error instanceof ToldError ? new Error(sayMeter(error.fact, UNITS_OF.metric)) : error)
          }
        },
        error: reject,
      })
    }),
  analyse: analyseMeter,
}

expose(jobs)
