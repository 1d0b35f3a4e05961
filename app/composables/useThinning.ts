import { computed } from 'vue'
import { counted } from '~/text/labels'
import { thinned } from './usePhoto'

/** Those that come out smaller; one after the other, for unpacked a picture takes thirty times its room. */
async function smallerOf<P extends Parameters<typeof thinned>[0]>(pictures: readonly P[]): Promise<P[]> {
  const found: P[] = []
  for (const picture of pictures) {
    const small = await thinned(picture)
    if (small !== picture) found.push(small)
  }
  return found
}

/** Room that pictures take, and how to have some of it back. */
export function useThinning() {
  const box = useBoxStore()
  const undo = useUndoStore()
  const { photos, ofEvents } = storeToRefs(usePhotosStore())
  const bytes = computed(() =>
    [...photos.value.values(), ...ofEvents.value.values()].reduce((sum, { blob }) => sum + blob.size, 0),
  )

  /** Makes large pictures smaller; the large ones can be had back as long as the page is open. */
  async function thin(): Promise<void> {
    const db = box.database()
    const before = { photos: await db.photos.toArray(), eventPhotos: await db.eventPhotos.toArray() }
    const changed = { photos: await smallerOf(before.photos), eventPhotos: await smallerOf(before.eventPhotos) }
    await db.transaction('rw', db.photos, db.eventPhotos, async () => {
      await db.photos.bulkPut(changed.photos)
      await db.eventPhotos.bulkPut(changed.eventPhotos)
    })
    const count = changed.photos.length + changed.eventPhotos.length
    if (count === 0) return
    undo.offer(`${counted(count, 'picture')} made smaller.`, async () => {
      await db.transaction('rw', db.photos, db.eventPhotos, async () => {
        await db.photos.bulkPut(before.photos.filter(p => changed.photos.some(c => c.lureId === p.lureId)))
        await db.eventPhotos.bulkPut(before.eventPhotos.filter(p => changed.eventPhotos.some(c => c.id === p.id)))
      })
    })
  }

  return { bytes, thin }
}
