import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { untilDrawn } from './until-drawn'

describe('what waits for the page to be drawn', () => {
  let frame: (() => void) | null = null
  let isDrawn = false
  beforeEach(() => {
    vi.useFakeTimers()
    frame = null
    isDrawn = false
    vi.stubGlobal('requestAnimationFrame', (callback: () => void) => (frame = callback))
    void untilDrawn().then(() => (isDrawn = true))
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('waits for a frame, and until that is drawn', async () => {
    await vi.advanceTimersByTimeAsync(50)
    expect(isDrawn).toBe(false)
    frame!()
    await Promise.resolve()
    expect(isDrawn).toBe(false)
    await vi.advanceTimersByTimeAsync(1)
    expect(isDrawn).toBe(true)
  })
  it('goes on all the same where nothing is drawn, as behind another window', async () => {
    await vi.advanceTimersByTimeAsync(100)
    expect(isDrawn).toBe(true)
  })
})
