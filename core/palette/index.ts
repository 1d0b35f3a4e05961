export { paletteOf, type Pixels, type Swatch, zonesOf } from './palette'
