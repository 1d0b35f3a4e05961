/** A record with a value for every key of a fixed list: `Object.fromEntries` that keeps the keys' type. */
export function recordOf<K extends string, V>(keys: readonly K[], valueOf: (key: K) => V): Record<K, V> {
  const record: Partial<Record<K, V>> = {}
  for (const key of keys) record[key] = valueOf(key)
  return record as Record<K, V>
}
