/** The few functions of the statistics package that are used here. */
declare module 'jstat' {
  const jStat: {
    inv: (matrix: readonly (readonly number[])[]) => number[][]
    betaln: (x: number, y: number) => number
    gammaln: (x: number) => number
    beta: {
      cdf: (x: number, alpha: number, beta: number) => number
      inv: (p: number, alpha: number, beta: number) => number
    }
    chisquare: { cdf: (x: number, freedom: number) => number }
    normal: {
      cdf: (x: number, mean: number, sd: number) => number
      inv: (p: number, mean: number, sd: number) => number
    }
    gamma: { inv: (p: number, shape: number, scale: number) => number }
  }
  export default jStat
}
