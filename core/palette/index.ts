export { paletteOf, type Pixels, type Swatch, type Zones, zonesOf } from './palette'
