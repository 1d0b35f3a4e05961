import type { Issue } from '#core/files'

export interface CalcRequest {
  readonly name: string
  readonly input: Record<string, unknown>
  /** Input that is swept for the chart, and the output that is drawn. */
  readonly chart: { readonly x: string; readonly from: number; readonly to: number; readonly y: string } | null
}

export interface CalcAnswer {
  readonly issues: readonly Issue<string>[]
  readonly answer: Record<string, unknown> | null
  /** Points of the chart; those without an answer are left out. */
  readonly line: readonly (readonly [number, number])[]
}

export interface CalcApi {
  work: (request: CalcRequest) => CalcAnswer
}
