export { answers } from './answers'
export { lureOfFile } from './by-file-name'
export { type AssemblyStock, assemblyWeight } from './assembly-weight'
export { attribute, type Attribute, ATTRIBUTES, type AttributeValue, type Entry } from './attributes'
export { clarityByPaint, type ClarityPaintCell, depthBySpeed, type DepthSpeedCell } from './coverage'
export { compareEntries } from './differences'
export { doubled, doublesOf } from './doubles'
export { type LabelRead, rackedAs, readOutfitLabel } from './outfit-label'
export { partAlone, type PartRead, readPartLine, sameAs } from './part-words'
export { inEnglish } from './typed-figures'
export {
  type ColoursRead,
  type KindRead,
  type LureRead,
  readColours,
  readHooks,
  readKind,
  readLureLine,
  readTraits,
} from './lure-words'
export { parseQuery, type Term } from './query'
export { type Addition, type WeightedReading, worthAdding } from './worth'
