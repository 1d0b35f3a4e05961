/** A share as so many of ten; where it is less than half of one, “<1”. */
export function outOfTen(share: number): string {
  return String(Math.round(10 * share) || '<1')
}
