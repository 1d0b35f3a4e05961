/** A stand-in, or an instrument behind it, must answer within this time [ms]. Assumed. */
const ANSWER_MS = 8000

/** Asks the server once. Errors: no answer in time, an answer that is refused, or one that is no JSON (a page of whoever keeps the network). */
export async function askServer<T>(path: string): Promise<T> {
  const response = await fetch(path, { signal: AbortSignal.timeout(ANSWER_MS) })
  if (!response.ok) throw new Error(`answer ${response.status}`)
  if (!response.headers.get('content-type')?.includes('json')) throw new Error('something else answers in its place')
  return (await response.json()) as T
}
