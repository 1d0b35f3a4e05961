/** @throws {RangeError} naming the function, the argument and its value unless it is positive and finite */
export function requirePositive(caller: string, name: string, value: number): void {
  if (!(value > 0 && Number.isFinite(value)))
    throw new RangeError(`${caller}: ${name} must be positive and finite, got ${value}`)
}
