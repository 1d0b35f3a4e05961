import * as z from 'zod'

/** One calculator: a name of the contract, the shape of its input, and the sum itself. */
export interface Calc<S extends z.ZodType = z.ZodType> {
  readonly name: string
  readonly input: S
  readonly run: (input: z.infer<S>) => Record<string, unknown>
}

export function calc<S extends z.ZodType>(
  name: string,
  input: S,
  run: (input: z.infer<S>) => Record<string, unknown>,
): Calc {
  return { name, input, run: run as Calc['run'] }
}

/** Input fields that many calculators share, with their ranges. */
export const field = {
  positive: z.number().positive(),
  temperatureC: z.number().min(-2).max(40),
  salinityPsu: z.number().min(0).max(42),
}
