import { ref, shallowRef } from 'vue'

/** What a river gauge says; a real one could answer in the same words. */
export interface GaugeSays { readonly at: string, readonly temperatureC: number, readonly flowM3S: number, readonly levelM: number, readonly visibilityM: number }

/** The simulated gauge of the server, asked once. */
export function useGauge() {
  const says = shallowRef<GaugeSays | null>(null)
  const trouble = ref('')

  async function ask(): Promise<void> {
    try {
      const response = await fetch('/api/gauge')
      if (!response.ok) throw new Error(`answer ${response.status}`)
      says.value = await response.json() as GaugeSays
      trouble.value = ''
    }
    catch (error) {
      trouble.value = `No gauge answers (${(error as Error).message}). Type the figures instead.`
    }
  }

  return { says, trouble, ask }
}
