import { onScopeDispose, readonly, ref, shallowRef } from 'vue'
import { type BoatMoment, type NmeaCounts, NmeaReader } from '#core/files'

/** The simulated boat of the server, read sentence by sentence as a real one's would be. */
export function useBoatFeed() {
  const moment = shallowRef<BoatMoment | null>(null)
  const counts = shallowRef<NmeaCounts | null>(null)
  const trouble = ref('')
  let source: EventSource | null = null

  function connect(): void {
    disconnect()
    trouble.value = ''
    const reader = new NmeaReader()
    source = new EventSource('/api/boat')
    source.onmessage = event => {
      for (const sentence of (JSON.parse(event.data as string) as { sentences: string[] }).sentences)
        reader.read(sentence)
      moment.value = reader.now
      counts.value = reader.counts
    }
    source.onerror = () => {
      trouble.value = 'No boat answers (the server is not reached). Type the figures instead.'
      disconnect()
    }
  }

  function disconnect(): void {
    source?.close()
    source = null
    moment.value = null
  }

  onScopeDispose(disconnect)
  return { moment: readonly(moment), counts: readonly(counts), trouble, connect, disconnect }
}
