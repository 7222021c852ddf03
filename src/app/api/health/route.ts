import { answer } from '@/server/respond'

export const dynamic = 'force-dynamic'

/** Whether the application is alive. Whether it can do its work is asked of /api/ready. */
export const GET = (): Response => answer({ ok: true })
