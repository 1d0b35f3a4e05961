/** Rows after which is told how far it has come. Assumed. */
const TOLD_EVERY = 250

/**
 * A file as text: to the letter what `JSON.stringify(file, null, 1)` gives, but told how far it is, row by row of its lists.
 *
 * @param progress rows written, of all rows of all lists
 */
export function writeFile(file: object, progress: (done: number, of: number) => void = () => {}): string {
  const entries = Object.entries(file).filter(([, value]) => value !== undefined)
  const of = entries.reduce((sum, [, value]) => sum + (Array.isArray(value) ? value.length : 0), 0)
  let done = 0
  const written = (value: unknown, depth: number): string =>
    // Line breaks of a text are escaped: what breaks a line here is the layout alone.
    (JSON.stringify(value, null, 1) ?? 'null').replaceAll('\n', `\n${' '.repeat(depth)}`)
  const listed = (rows: readonly unknown[]) =>
    rows.map(row => {
      if (done++ % TOLD_EVERY === 0) progress(done - 1, of)
      return `  ${written(row, 2)}`
    })
  const parts = entries.map(([key, value]) => {
    const text = Array.isArray(value) && value.length > 0 ? `[\n${listed(value).join(',\n')}\n ]` : written(value, 1)
    return ` ${JSON.stringify(key)}: ${text}`
  })
  progress(of, of)
  return parts.length > 0 ? `{\n${parts.join(',\n')}\n}` : '{}'
}
