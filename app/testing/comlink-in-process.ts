/**
 * Stands in for the package that talks to workers: the worker runs in this process, and what passes between the two is copied as a browser copies it,
 * so that what cannot be copied fails here as it would there.
 */
type Api = Record<string, (...given: never[]) => unknown>

let exposed: Api = {}
let failure: string | null = null

/** The next call fails so. */
export function failNext(message: string): void {
  failure = message
}

const copied = (value: unknown) => (typeof value === 'function' ? value : structuredClone(value))

export const expose = (api: Api) => {
  exposed = { ...exposed, ...api }
}
export const transfer = <T>(value: T): T => value
export const proxy = <T>(value: T): T => value
export const wrap = () =>
  new Proxy(
    {},
    {
      // What is awaited must not look like a promise.
      get: (_, name: string) =>
        name === 'then'
          ? undefined
          : async (...given: unknown[]) => {
              await new Promise(resolve => setTimeout(resolve))
              if (failure !== null) {
                const message = failure
                failure = null
                throw new Error(message)
              }
              return copied(await exposed[name]!(...(given.map(copied) as never[])))
            },
    },
  )
