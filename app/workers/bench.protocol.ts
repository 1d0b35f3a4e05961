/** A lipped plug known at one depth, and its weight in water before and after a change. */
export interface ChangedPlug {
  readonly rated: {
    readonly depthM: number
    readonly castM: number
    readonly lineDiameterMm: number
    readonly tipM: number
    readonly speedMs: number
  }
  /** Weight in water [N], down +. */
  readonly beforeN: number
  readonly afterN: number
}

/** Deepest on the contract's rating cast [m]; `null`: does not get down. */
export interface ChangedDepth {
  readonly before: number | null
  readonly after: number | null
}

export interface BenchApi {
  changedDepth: (plug: ChangedPlug) => ChangedDepth
}
