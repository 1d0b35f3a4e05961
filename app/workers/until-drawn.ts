/** Where nothing is drawn, as behind another window, it is not waited for longer [ms]. */
const LONGEST_MS = 100

/** Waits until what was told last stands on the screen: till then the page needs the processor more than a worker does. */
export function untilDrawn(): Promise<void> {
  return new Promise(resolve => {
    setTimeout(resolve, LONGEST_MS)
    // A frame is drawn after its callbacks, and what waits is let in after it.
    requestAnimationFrame(() => setTimeout(resolve))
  })
}
