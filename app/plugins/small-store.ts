/**
 * Where the browser denies its small store, so much as asking for it throws, and whatever asks at the start would stop the program. For this visit one in memory stands in its place:
 * it holds only what the next start could do without.
 */
export default defineNuxtPlugin({
  name: 'small-store',
  enforce: 'pre',
  setup() {
    try {
      void window.localStorage
    } catch (error) {
      console.warn(error)
      Object.defineProperty(window, 'localStorage', { value: inMemory(), configurable: true })
    }
  },
})

function inMemory(): Storage {
  const kept = new Map<string, string>()
  return {
    get length() {
      return kept.size
    },
    key: at => [...kept.keys()][at] ?? null,
    getItem: key => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: key => void kept.delete(key),
    clear: () => kept.clear(),
  }
}
