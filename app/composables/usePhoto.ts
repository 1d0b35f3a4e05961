import { ref } from 'vue'
import type { Swatch } from '#core/palette'
import type { Photo } from '~/db/database'
import { pickColours } from '~/workers/photo.client'

/** Longest side kept [px]: sharp on a phone's whole width, about 100 kB. */
const KEPT_PX = 1000
/** Longest side that the colours are picked from [px]. */
const PALETTE_PX = 160
const QUALITY = 0.85
const LARGEST_MB = 30
const MB = 1024 * 1024

function drawn(image: ImageBitmap, longest: number): { canvas: HTMLCanvasElement, context: CanvasRenderingContext2D } {
  const scale = Math.min(1, longest / Math.max(image.width, image.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(image.width * scale))
  canvas.height = Math.max(1, Math.round(image.height * scale))
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  context.drawImage(image, 0, 0, canvas.width, canvas.height)
  return { canvas, context }
}

/** Takes a picture from a file or the camera: smaller, and with its colours picked out. */
export function usePhoto() {
  const problem = ref('')
  const isBusy = ref(false)

  async function take(lureId: string, file: File): Promise<Photo | null> {
    problem.value = ''
    if (file.size > LARGEST_MB * MB) {
      problem.value = `${file.name} is ${Math.round(file.size / MB)} MB; pictures of up to ${LARGEST_MB} MB can be taken.`
      return null
    }
    isBusy.value = true
    try {
      const image = await createImageBitmap(file)
      const kept = drawn(image, KEPT_PX).canvas
      const { canvas, context } = drawn(image, PALETTE_PX)
      image.close()
      const { width, height, data } = context.getImageData(0, 0, canvas.width, canvas.height)
      const swatches: readonly Swatch[] = await pickColours({ width, height, data })
      const blob = await new Promise<Blob | null>(resolve => kept.toBlob(resolve, 'image/jpeg', QUALITY))
      if (!blob) throw new Error('it could not be made smaller')
      return { lureId, blob, width: kept.width, height: kept.height, swatches, instead: true }
    }
    catch (error) {
      problem.value = `${file.name} could not be read as a picture (${(error as Error).message}). Nothing was changed.`
      return null
    }
    finally {
      isBusy.value = false
    }
  }

  return { take, problem, isBusy }
}
