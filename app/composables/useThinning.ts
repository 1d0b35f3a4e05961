import { computed } from 'vue'
import { counted } from '~/text/labels'
import { thinned } from './usePhoto'

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
    const [lures, events] = [
      await Promise.all(before.photos.map(thinned)),
      await Promise.all(before.eventPhotos.map(thinned)),
    ]
    const changed = [
      lures.filter(p => !before.photos.includes(p)),
      events.filter(p => !before.eventPhotos.includes(p)),
    ] as const
    await db.transaction('rw', db.photos, db.eventPhotos, async () => {
      await db.photos.bulkPut(changed[0])
      await db.eventPhotos.bulkPut(changed[1])
    })
    const count = changed[0].length + changed[1].length
    if (count === 0) return
    undo.offer(`${counted(count, 'picture')} made smaller.`, async () => {
      await db.transaction('rw', db.photos, db.eventPhotos, async () => {
        await db.photos.bulkPut(before.photos.filter(p => changed[0].some(c => c.lureId === p.lureId)))
        await db.eventPhotos.bulkPut(before.eventPhotos.filter(p => changed[1].some(c => c.id === p.id)))
      })
    })
  }

  return { bytes, thin }
}
