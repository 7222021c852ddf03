import { type Remote, proxy, wrap } from 'comlink'
import type { ColumnMapping } from '@/core/meter/columns'
import type { MeterSamples } from '@/core/meter/samples'
import { LANGUAGE } from '@/words/language'
import type { MeterJobs } from './meterJobs'

/** A worker that reads meter files off the page's own thread. */
export class MeterClient {
  private readonly worker = new Worker(new URL('./meter.worker.ts', import.meta.url), {
    type: 'module',
    name: LANGUAGE,
  })
  private readonly remote: Remote<MeterJobs> = wrap<MeterJobs>(this.worker)

  preview(file: File) {
    return this.remote.preview(file)
  }

  read(file: File, separator: string, mapping: ColumnMapping, progress: (share: number) => void) {
    return this.remote.read(file, separator, mapping, proxy(progress))
  }

  analyse(samples: MeterSamples) {
    return this.remote.analyse(samples)
  }

  /** Stops whatever is being read. */
  dispose(): void {
    this.worker.terminate()
  }
}
