import { requirePositive } from '#core/numeric'

/**
 * Height of a drop-shot bait over the bottom on a taut, straight line: leader · sin(atan((z + h)/X)).
 *
 * Valid:  taut line; slack, line belly and the bait's weight lower it.
 * Source: geometry.
 *
 * @param leader from hook to weight [m]
 * @param distance horizontal, from tip to weight [m]; 0: straight below
 * @returns height [m] and angle of the line above the horizontal [rad]
 * @throws {RangeError} if leader or depth is not positive, or tip or distance negative
 */
export function dropShotHeight(
  leader: number,
  depth: number,
  distance: number,
  tip: number,
): { height: number; angle: number } {
  requirePositive('dropShotHeight', 'leader', leader)
  requirePositive('dropShotHeight', 'depth', depth)
  for (const [name, value] of [
    ['distance', distance],
    ['tip', tip],
  ] as const)
    if (!(value >= 0 && Number.isFinite(value)))
      throw new RangeError(`dropShotHeight: ${name} must be 0 or more, got ${value}`)
  const angle = Math.atan2(depth + tip, distance)
  return { height: leader * Math.sin(angle), angle }
}
