/** A record with a value for every key of a fixed list: `Object.fromEntries` that keeps the keys' type. */
export function recordOf<K extends string, V>(keys: readonly K[], valueOf: (key: K) => V): Record<K, V> {
  return Object.fromEntries(keys.map(key => [key, valueOf(key)])) as Record<K, V>
}
