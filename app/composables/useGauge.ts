import { ref, shallowRef } from 'vue'
import { askServer } from './askServer'

/** What a river gauge says; a real one could answer in the same words. */
export interface GaugeSays {
  readonly at: string
  readonly temperatureC: number
  readonly flowM3S: number
  readonly levelM: number
  readonly visibilityM: number
}

/** The simulated gauge of the server, asked once. */
export function useGauge() {
  const says = shallowRef<GaugeSays | null>(null)
  const trouble = ref('')

  async function ask(): Promise<void> {
    try {
      says.value = await askServer<GaugeSays>('/api/gauge')
      trouble.value = ''
    } catch (error) {
      trouble.value = `No gauge answers (${(error as Error).message}). Type the figures instead.`
    }
  }

  return { says, trouble, ask }
}
