export { type Dimension, DIMENSIONS, shownUnit, type UnitSystem } from './dimension'
export { formatNumber, formatQuantity } from './format'
export { formatHookSize, hookSizeRank, parseHookSize } from './hook-size'
export { parseQuantity } from './parse'
