export { DIMENSIONS, shownUnit, toUnit, fromUnit, type Dimension, type Unit, type UnitSystem } from './dimension.ts'
export { formatNumber, formatQuantity, type FormatOptions } from './format.ts'
export { formatHookSize, hookSizeRank, parseHookSize } from './hook-size.ts'
export { parseQuantity, type Parsed } from './parse.ts'
