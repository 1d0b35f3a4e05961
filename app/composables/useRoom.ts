import { useElementSize } from '@vueuse/core'
import { computed, type ShallowRef } from 'vue'

/** Below this a drawing would be read no more [px]: the narrowest screen the program is made for, less its margins. */
const NARROWEST = 280

/**
 * Room that a drawing has [px], up to `widest`: it is drawn to that size and never scaled, so that its words can be read on any screen.
 *
 * @param drawing the drawing itself, as wide as its frame
 */
export function useRoom(drawing: Readonly<ShallowRef<SVGElement | null>>, widest: number) {
  const { width } = useElementSize(drawing, { width: widest, height: 0 })
  return computed(() => Math.round(Math.min(widest, Math.max(NARROWEST, width.value || widest))))
}
