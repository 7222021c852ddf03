import 'server-only'
import pino, { type Logger } from 'pino'

const held = globalThis as { yotropeLog?: Logger }

/** Lines of JSON on standard output. Nothing of what a household holds, no session, no code, no address goes into them. */
export const log = (): Logger =>
  (held.yotropeLog ??= pino({
    level: process.env.YOTROPE_LOG_LEVEL ?? 'info',
    base: null,
    timestamp: pino.stdTimeFunctions.isoTime,
    redact: ['token', 'cookie', 'password', 'secret', 'code'],
  }))

export type AuditEvent =
  | 'refused'
  | 'limited'
  | 'visitor-made'
  | 'household-made'
  | 'household-deleted'
  | 'run-deleted'
  | 'version-brought-back'
  | 'code-made'
  | 'code-used'
  | 'code-refused'
  | 'code-revoked'
  | 'code-revoked-access-ended'
  | 'signed-out'
  | 'cleaned-up'

/** A line for what somebody may have to answer for later. @param details no personal data */
export function audit(event: AuditEvent, details: Record<string, string | number> = {}): void {
  log().info({ audit: event, ...details })
}
