import * as Comlink from 'comlink'
import { paletteOf } from '#core/palette'
import type { PhotoApi } from './photo.protocol'

const api: PhotoApi = { palette: paletteOf }

Comlink.expose(api)
