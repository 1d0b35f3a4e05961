/** A share in percent: `12 %`; `places` after the point. The space does not break. */
export function percent(share: number, places = 0): string {
  return `${percentFigure(share, places)}\u00A0%`
}

/** Two shares in percent, the sign once: `12–40 %`. */
export function percentRange(low: number, high: number): string {
  return `${percentFigure(low)}–${percent(high)}`
}

/** A change in percent with its sign: `+3 %`, `−0.8 %`. */
export function percentChange(change: number, places = 0): string {
  return `${change >= 0 ? '+' : '−'}${percent(Math.abs(change), places)}`
}

/** The figure alone, where the sign of percent stands elsewhere. */
function percentFigure(share: number, places = 0): string {
  return (100 * share).toFixed(places)
}
