import * as Comlink from 'comlink'

/** What a worker says on its way comes over another channel than its answer, so that it may arrive after it: then it is not heard any more. */
export async function untilAnswered<Said extends unknown[], Answer>(
  hear: (...said: Said) => void,
  ask: (hear: (...said: Said) => void) => Promise<Answer>,
): Promise<Answer> {
  let isAnswered = false
  const ear = (...said: Said) => {
    if (!isAnswered) hear(...said)
  }
  try {
    return await ask(Comlink.proxy(ear))
  } finally {
    isAnswered = true
  }
}
