import * as Comlink from 'comlink'
import type { AuditProgress, LogbookApi } from './logbook.protocol'
import { untilAnswered } from './until-answered'

/** The logbook's sums in their worker. */
export function openLogbook(): {
  readonly api: Comlink.Remote<LogbookApi>
  readonly audit: (
    choice: Parameters<LogbookApi['audit']>[0],
    progress: AuditProgress,
  ) => ReturnType<LogbookApi['audit']>
} {
  const api = Comlink.wrap<LogbookApi>(
    new Worker(new URL('./logbook.worker.ts', import.meta.url), { type: 'module', name: 'logbook' }),
  )
  return { api, audit: (choice, progress) => untilAnswered(progress, hear => api.audit(choice, hear)) }
}
