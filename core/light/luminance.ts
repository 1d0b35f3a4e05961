/**
 * Relative luminance of an sRGB colour, 0 black .. 1 white.
 *
 * Source: IEC 61966-2-1 (sRGB), as used in WCAG 2.
 *
 * @param hex `#rrggbb`
 * @throws {RangeError} when the text is not such a colour
 */
export function relativeLuminance(hex: string): number {
  const match = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(hex)
  if (!match) throw new RangeError(`relativeLuminance: not a colour #rrggbb: ${hex}`)
  const [r, g, b] = match.slice(1).map(pair => {
    const c = Number.parseInt(pair, 16) / 255
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
  }) as [number, number, number]
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}
