import { ref } from 'vue'
import type { Swatch } from '#core/palette'
import type { EventPhoto, Photo } from '~/db/database'
import { pickColours } from '~/workers/photo.client'

/** Longest side kept [px]: sharp on a phone's whole width, about 100 kB. */
const KEPT_PX = 1000
/** Longest side of a picture that was made smaller for want of room [px]: still tells one bait from another. Assumed. */
const THINNED_PX = 500
/** Longest side that the colours are picked from [px]. */
const PALETTE_PX = 160
const QUALITY = 0.85
const LARGEST_MB = 30
const MB = 1024 * 1024

function drawn(image: ImageBitmap, longest: number): { canvas: HTMLCanvasElement; context: CanvasRenderingContext2D } {
  const scale = Math.min(1, longest / Math.max(image.width, image.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(image.width * scale))
  canvas.height = Math.max(1, Math.round(image.height * scale))
  const context = canvas.getContext('2d', { willReadFrequently: true })!
  context.drawImage(image, 0, 0, canvas.width, canvas.height)
  return { canvas, context }
}

type Kept = Pick<Photo, 'blob' | 'width' | 'height'>

/** A picture drawn anew, no side longer than `longest` [px]. */
async function smaller(image: ImageBitmap, longest = KEPT_PX): Promise<Kept> {
  const { canvas } = drawn(image, longest)
  const blob = await new Promise<Blob | null>(resolve => canvas.toBlob(resolve, 'image/jpeg', QUALITY))
  if (!blob) throw new Error('it could not be made smaller')
  return { blob, width: canvas.width, height: canvas.height }
}

/** The same picture made smaller; one that is small enough stays as it is. */
export async function thinned<P extends Kept>(picture: P): Promise<P> {
  if (Math.max(picture.width, picture.height) <= THINNED_PX) return picture
  const image = await createImageBitmap(picture.blob)
  const small = { ...picture, ...(await smaller(image, THINNED_PX)) }
  image.close()
  return small.blob.size < picture.blob.size ? small : picture
}

/** Takes a picture from a file or the camera: smaller, and for a lure with its colours picked out. */
export function usePhoto() {
  const problem = ref('')
  const isBusy = ref(false)

  async function read<T>(file: File, use: (image: ImageBitmap) => Promise<T>): Promise<T | null> {
    problem.value = ''
    if (file.size > LARGEST_MB * MB) {
      problem.value = `${file.name} is ${Math.round(file.size / MB)} MB; pictures of up to ${LARGEST_MB} MB can be taken.`
      return null
    }
    isBusy.value = true
    try {
      const image = await createImageBitmap(file)
      const used = await use(image)
      image.close()
      return used
    } catch (error) {
      problem.value = `${file.name} could not be read as a picture (${(error as Error).message}). Nothing was changed.`
      return null
    } finally {
      isBusy.value = false
    }
  }

  const take = (lureId: string, file: File) =>
    read<Photo>(file, async image => {
      const { canvas, context } = drawn(image, PALETTE_PX)
      const { width, height, data } = context.getImageData(0, 0, canvas.width, canvas.height)
      const swatches: readonly Swatch[] = await pickColours({ width, height, data })
      return { lureId, ...(await smaller(image)), swatches, instead: true }
    })
  const takeOfEvent = (id: string, tripId: string, file: File) =>
    read<EventPhoto>(file, async image => ({ id, tripId, ...(await smaller(image)) }))

  return { take, takeOfEvent, problem, isBusy }
}
