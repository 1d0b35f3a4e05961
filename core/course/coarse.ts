import { DEPTH_CONTROLS } from '#core/knowledge'
import { RowMemo } from '#core/numeric'
import { CADENCES, MODES } from '#core/terms'
import { type Course, courseOf } from './course'
import type { Presented } from './presented'

/** What the judgement keeps of a course: how deep the bait is while it works, and for how long. */
export type CoarseCourse = Pick<Course, 'meanM' | 'deepestM' | 'swung' | 'stretches'>

/** Coarse courses that are remembered, about 1 kB each: a box asks for four a lure, and most stay the same when the reading changes. */
const REMEMBERED = 64_000
/** Numbers that decide a course, and the words that do, as their place among their kind. */
const DECIDING = 29
const solved = new RowMemo<CoarseCourse>(REMEMBERED, DECIDING)
const ABSENT = -1

/** The coarse course, solved once for everything that decides it. */
export function coarseCourseOf(presented: Presented): CoarseCourse {
  return solved.of(
    row => {
      const {
        bait,
        bait: { rated },
      } = presented
      row[0] = DEPTH_CONTROLS.indexOf(presented.control)
      row[1] = MODES.indexOf(presented.mode)
      row[2] = CADENCES.indexOf(presented.cadence)
      row[3] = presented.pauseS ?? ABSENT
      row[4] = presented.depthM
      row[5] = presented.bottomM
      row[6] = presented.castM
      row[7] = presented.lineOutM ?? ABSENT
      row[8] = presented.tipM
      row[9] = presented.speedMs
      row[10] = presented.lineDiameterMm
      row[11] = presented.lineDensity
      row[12] = presented.waterDensity
      row[13] = presented.currentMs
      row[14] = presented.slope
      row[15] = presented.heaveM
      row[16] = presented.dropLeaderM ?? ABSENT
      row[17] = (presented.fallWorks ? 1 : 0) + (presented.gear ? 2 : 0)
      row[18] = bait.towArea
      row[19] = bait.fallArea
      row[20] = bait.liftRatio
      row[21] = bait.netWeight
      row[22] = bait.fallMs
      row[23] = rated?.depthM ?? ABSENT
      row[24] = rated?.castM ?? ABSENT
      row[25] = rated?.lineDiameterMm ?? ABSENT
      row[26] = rated?.tipM ?? ABSENT
      row[27] = rated?.speedMs ?? ABSENT
      row[28] = presented.sideMs
    },
    () => {
      const { meanM, deepestM, swung, stretches } = courseOf(presented, { coarse: true })
      return { meanM, deepestM, swung, stretches }
    },
  )
}
