import type { Subscription } from 'dexie'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { watchPhotos } from '~/db/box'
import type { Photo } from '~/db/database'
import { useBoxStore } from './box'

/** Pictures of lures, live from the database. */
export const usePhotosStore = defineStore('photos', () => {
  const photos = shallowRef<ReadonlyMap<string, Photo>>(new Map())
  const urls = new Map<string, { readonly blob: Blob, readonly url: string }>()
  /** Shown wherever the drawing would stand. */
  const shownInstead = computed(() => new Set([...photos.value.values()].filter(p => p.instead).map(p => p.lureId)))
  let subscription: Subscription | null = null

  function open(): void {
    const box = useBoxStore()
    subscription ??= watchPhotos(box.database(), (rows) => {
      photos.value = new Map(rows.map(photo => [photo.lureId, photo]))
    }, (error) => {
      box.trouble = `The photos could not be read: ${(error as Error).message}`
    })
  }

  /** An address for the browser, made once a picture and given back when another takes its place. */
  function urlOf(lureId: string): string | null {
    const photo = photos.value.get(lureId)
    const known = urls.get(lureId)
    if (known && known.blob === photo?.blob) return known.url
    if (known) URL.revokeObjectURL(known.url)
    urls.delete(lureId)
    if (!photo) return null
    const url = URL.createObjectURL(photo.blob)
    urls.set(lureId, { blob: photo.blob, url })
    return url
  }

  return { photos, shownInstead, open, urlOf }
})
