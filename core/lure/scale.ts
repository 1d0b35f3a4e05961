/** Keeps a figure on the trade's 1–5 scale. */
export function scale5(value: number): number {
  return Math.min(5, Math.max(1, value))
}
