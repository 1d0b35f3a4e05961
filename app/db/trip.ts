import type { Lure, Trip } from '#core/tackle'
import { changeRow } from './change'
import type { Database } from './database'

/** Changes a trip together with a lure's stock, so that a lost lure and its loss are one. When the trip is gone nothing is written. */
export async function changeTripAndLure(
  db: Database,
  tripId: string,
  change: (trip: Trip) => Trip,
  lureId: string,
  stock: (lure: Lure) => Lure,
): Promise<void> {
  await db.transaction('rw', db.trips, db.lures, async () => {
    if (await changeRow(db, 'trips', tripId, change)) await changeRow(db, 'lures', lureId, stock)
  })
}
