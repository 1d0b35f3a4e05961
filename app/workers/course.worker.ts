import * as Comlink from 'comlink'
import { courseOf, shareInBand, spreadOf, waysToChange } from '#core/course'
import type { CourseApi } from './course.protocol'

const api: CourseApi = {
  courses: baits =>
    baits.map(({ id, presented, doubts }) => {
      const course = courseOf(presented)
      return {
        id,
        course,
        share: shareInBand(course, presented.band.fromM, presented.band.toM),
        runsAtM: course.meanM,
        spread: doubts ? spreadOf(presented, doubts) : null,
      }
    }),
  ways: (presented, deltaM, boat) => waysToChange(presented, deltaM, boat),
}

Comlink.expose(api)
