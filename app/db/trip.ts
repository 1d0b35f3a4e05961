import type { Lure, Trip } from '#core/tackle'
import type { Database } from './database'

/**
 * Changes a trip in one transaction on the row as it is stored now: two tabs on one trip both keep their taps.
 * When the trip is gone nothing is written.
 */
export async function changeTrip(db: Database, tripId: string, change: (trip: Trip) => Trip): Promise<Trip | null> {
  return db.transaction('rw', db.trips, async () => {
    const trip = await db.trips.get(tripId)
    if (!trip) return null
    const next = change(trip)
    await db.trips.put(next)
    return next
  })
}

/** The same together with a lure's stock, so that a lost lure and its loss are one. */
export async function changeTripAndLure(db: Database, tripId: string, change: (trip: Trip) => Trip, lureId: string, stock: (lure: Lure) => Lure): Promise<void> {
  await db.transaction('rw', db.trips, db.lures, async () => {
    const trip = await db.trips.get(tripId)
    if (!trip) return
    await db.trips.put(change(trip))
    const lure = await db.lures.get(lureId)
    if (lure) await db.lures.put(stock(lure))
  })
}
