import type { Box } from '#core/tackle'

/** Whether two boxes differ in their log at most: lists that are the same are the same object. */
export const sameGear = (a: Box, b: Box): boolean =>
  a.lures === b.lures && a.parts === b.parts && a.outfits === b.outfits && a.tests === b.tests
