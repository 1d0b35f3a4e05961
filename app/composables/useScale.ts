import { onScopeDispose, readonly, ref } from 'vue'

/** What a digital scale shows; a real one could stand behind the same words. */
export interface ScaleShows {
  grams: number | null
  stable: boolean
  overload: boolean
}

/** The simulated scale of the server, read as it settles. */
export function useScale() {
  const shows = ref<ScaleShows | null>(null)
  const tare = ref(0)
  const trouble = ref('')
  let source: EventSource | null = null

  /** `grams`: what lies on the simulated pan. */
  function connect(grams: number) {
    disconnect()
    trouble.value = ''
    source = new EventSource(`/api/scale?grams=${encodeURIComponent(grams)}`)
    source.onmessage = event => {
      const { grams: shown, stable, overload } = JSON.parse(event.data as string) as ScaleShows
      shows.value = { grams: shown === null ? null : Number((shown - tare.value).toFixed(2)), stable, overload }
    }
    source.onerror = () => {
      trouble.value = 'No scale answers (the server is not reached). Type the weight instead.'
      disconnect()
    }
  }

  function disconnect() {
    source?.close()
    source = null
    shows.value = null
  }

  function setTare() {
    if (shows.value?.grams != null) tare.value += shows.value.grams
  }

  onScopeDispose(disconnect)
  return { shows: readonly(shows), trouble: readonly(trouble), connect, disconnect, setTare }
}
