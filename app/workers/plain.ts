import { toRaw } from 'vue'

/** A copy without any of the interface's proxies, down to the last field, as a file would hold it: for what is stored and for what is sent. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T

/** A copy of what holds no proxies inside, with everything a file could not hold (typed arrays, endless figures): for what is sent to a worker. */
export const copied = <T>(value: T): T => structuredClone(toRaw(value))
