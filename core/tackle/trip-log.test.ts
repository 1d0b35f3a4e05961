import { describe, expect, it } from 'vitest'
import { ended, minutesOf, momentIn, openStint, type Trip, withCasts, withDetail, withEvent, withoutEvent, withStint, withStock } from './index'

const at = (minute: number) => new Date(Date.UTC(2026, 4, 6, 5, minute)).toISOString()
const begun: Trip = withStint({ id: 't', start: at(0), stints: [] }, { id: 's1', lureId: 'l1' }, at(0))

describe('the log of a trip', () => {
  it('another set-up ends the stint before it', () => {
    const changed = withStint(begun, { id: 's2', lureId: 'l2' }, at(20))
    expect(changed.stints!.map(s => s.end)).toEqual([at(20), null])
    expect(openStint(changed)?.id).toBe('s2')
    expect(minutesOf(changed.stints![0]!, at(90))).toBe(20)
  })
  it('a clock set back never makes time run backward', () => {
    const tapped = withEvent(begun, { id: 'e1', kind: 'hit' }, at(30))
    const later = withEvent(tapped, { id: 'e2', kind: 'landed' }, at(10))
    expect(later.stints![0]!.events!.map(e => e.at)).toEqual([at(30), at(30)])
    expect(momentIn(later, at(5))).toBe(at(30))
  })
  it('events are told more closely, taken out, and never written without a lure on the line', () => {
    const tapped = withEvent(begun, { id: 'e1', kind: 'landed' }, at(5))
    expect(withDetail(tapped, 'e1', { lengthMm: 620, when: 'pause', id: 'x' }).stints![0]!.events![0]).toMatchObject({ id: 'e1', lengthMm: 620, when: 'pause' })
    expect(withoutEvent(tapped, 'e1').stints![0]!.events).toEqual([])
    const over = ended(tapped, at(60))
    expect(withEvent(over, { id: 'e9', kind: 'hit' }, at(70))).toBe(over)
  })
  it('casts are counted, never below none', () => {
    expect(withCasts(withCasts(begun, 5), 1).stints![0]!.casts).toBe(6)
    expect(withCasts(begun, -3).stints![0]!.casts).toBe(0)
  })
  it('a stint that a dead battery left open lasts to its last event when nobody knows better', () => {
    const left = withEvent(begun, { id: 'e1', kind: 'hit' }, at(42))
    expect(minutesOf(left.stints![0]!, null)).toBe(42)
  })
  it('2,000 events stay in order', () => {
    let trip = begun
    for (let i = 0; i < 2000; i++) trip = withEvent(trip, { id: `e${i}`, kind: 'follow' }, at(i % 50))
    const times = trip.stints![0]!.events!.map(e => Date.parse(e.at!))
    expect(times).toHaveLength(2000)
    expect(times).toEqual([...times].sort((a, b) => a - b))
  })
  it('a lost lure leaves the box, down to none', () => {
    const lure = { id: 'l', name: 'l', family: 'grub', quantity: 2 } as const
    expect(withStock(lure, -1).quantity).toBe(1)
    expect(withStock(withStock(withStock(lure, -1), -1), -1).quantity).toBe(0)
    expect(withStock({ ...lure, quantity: null }, -1).quantity).toBe(0)
  })
})
