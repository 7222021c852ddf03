import 'server-only'
import { deletePristineVisitors } from '@/db/cleanUp'
import { database } from '@/db/client'
import { audit, log } from './log'

const HOUR_MS = 3_600_000
const FIRST_AFTER_MS = 60_000

/** Takes away, once an hour, visitors who never changed anything. Instances may do it at once: rows are held meanwhile. */
export function cleanUpHourly(): void {
  const work = async () => {
    try {
      const removed = await deletePristineVisitors(database(), new Date())
      if (removed > 0) audit('cleaned-up', { visitors: removed })
    } catch (error) {
      log().warn({ cleanUp: (error as Error).message.split('\n')[0] })
    }
  }
  setTimeout(work, FIRST_AFTER_MS).unref()
  setInterval(work, HOUR_MS).unref()
}
