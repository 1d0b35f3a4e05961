export { DIMENSIONS, shownUnit, type Dimension, type Unit, type UnitSystem } from './dimension'
export { formatNumber, formatQuantity, type FormatOptions } from './format'
export { formatHookSize, hookSizeRank, parseHookSize } from './hook-size'
export { parseQuantity, type Parsed } from './parse'
