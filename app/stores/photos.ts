import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { soundPictures } from '~/db/aside'
import { watchEventPhotos, watchPhotos } from '~/db/box'
import type { EventPhoto, Photo } from '~/db/database'
import { useBoxStore } from './box'

/** Pictures of lures and of what happened on trips, live from the database. */
export const usePhotosStore = defineStore('photos', () => {
  const photos = shallowRef<ReadonlyMap<string, Photo>>(new Map())
  /** By event. */
  const ofEvents = shallowRef<ReadonlyMap<string, EventPhoto>>(new Map())
  const urls = new Map<string, { readonly blob: Blob; readonly url: string }>()
  /** Shown wherever the drawing would stand. */
  const shownInstead = computed(() => new Set([...photos.value.values()].filter(p => p.instead).map(p => p.lureId)))
  const box = useBoxStore()
  const failed = (error: unknown) => box.tell(error, message => `The photos could not be read: ${message}`)
  let opened: Promise<void> | null = null

  /** Shows the pictures that are kept, after damaged ones went aside. */
  const open = () => (opened ??= load())

  async function load(): Promise<void> {
    try {
      box.tellMoved(await soundPictures(box.database(), new Date().toISOString()), 'picture')
    } catch (error) {
      failed(error)
    }
    watchPhotos(
      box.database(),
      rows => {
        photos.value = new Map(rows.map(photo => [photo.lureId, photo]))
      },
      failed,
    )
    watchEventPhotos(
      box.database(),
      rows => {
        ofEvents.value = new Map(rows.map(photo => [photo.id, photo]))
      },
      failed,
    )
  }

  /** An address for the browser, made once a picture and given back when another takes its place. */
  function urlOf(id: string): string | null {
    const photo = photos.value.get(id) ?? ofEvents.value.get(id)
    const known = urls.get(id)
    if (known && known.blob === photo?.blob) return known.url
    if (known) URL.revokeObjectURL(known.url)
    urls.delete(id)
    if (!photo) return null
    const url = URL.createObjectURL(photo.blob)
    urls.set(id, { blob: photo.blob, url })
    return url
  }

  return { photos, ofEvents, shownInstead, open, urlOf }
})
