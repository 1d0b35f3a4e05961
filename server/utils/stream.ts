/** Lines held open at once, for all together. Assumed: one boat and one scale for each of eight anglers. */
export const MOST_OPEN = 16
let open = 0

/** Whether another line may be opened. It counts until the given function is called, which it may be more than once. */
export function takeLine(): (() => void) | null {
  if (open >= MOST_OPEN) return null
  open += 1
  let isHeld = true
  return () => {
    if (isHeld) open -= 1
    isHeld = false
  }
}

/**
 * Sends what `next` gives as server-sent events, the first at once, until the page goes or the time is up: a forgotten page does not hold the line for ever.
 * `seconds`: since the beginning. Errors: 429 when too many lines are open.
 */
export async function streamEvery(
  event: Parameters<typeof getQuery>[0],
  { everyMs, longestS }: { readonly everyMs: number; readonly longestS: number },
  next: (seconds: number) => unknown,
): Promise<void> {
  const giveBack = takeLine()
  if (!giveBack) throw createError({ statusCode: 429, statusMessage: 'Too many lines are open' })
  const stream = createEventStream(event)
  let seconds = 0
  const send = () => {
    void stream.push(JSON.stringify(next(seconds)))
    seconds += everyMs / 1000
    if (seconds > longestS) void stream.close()
  }
  const timer = setInterval(send, everyMs)
  stream.onClosed(async () => {
    clearInterval(timer)
    giveBack()
    await stream.close()
  })
  send()
  return stream.send()
}
