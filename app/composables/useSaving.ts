import { onScopeDispose, shallowRef } from 'vue'
import { SavingClient } from '~/workers/saving.client'
import type { SavingStep } from '~/workers/saving.protocol'

/** Writing a file out of the browser: what is being done, and how to give it up. `step` is `null` while nothing is written. */
export function useSaving() {
  const step = shallowRef<SavingStep | { readonly what: 'writing' } | null>(null)
  let client: SavingClient | null = null

  /** `null`: it was given up. */
  async function save<T>(
    write: (client: SavingClient, progress: (step: SavingStep) => void) => Promise<T | null>,
  ): Promise<T | null> {
    cancel()
    const mine = (client = new SavingClient())
    step.value = { what: 'writing' }
    try {
      return await write(mine, now => {
        if (client === mine) step.value = now
      })
    } finally {
      mine.cancel()
      if (client === mine) {
        client = null
        step.value = null
      }
    }
  }

  function cancel(): void {
    client?.cancel()
    client = null
    step.value = null
  }
  onScopeDispose(cancel)

  return { step, save, cancel }
}
