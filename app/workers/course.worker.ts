import * as Comlink from 'comlink'
import { courseOf, shareInBand, waysToChange } from '#core/course'
import type { CourseApi } from './course.protocol'

const api: CourseApi = {
  courses: baits =>
    baits.map(({ id, presented }) => {
      const course = courseOf(presented)
      return { id, course, share: shareInBand(course, presented.band.fromM, presented.band.toM), runsAtM: course.meanM }
    }),
  ways: (presented, deltaM, boat) => waysToChange(presented, deltaM, boat),
}

Comlink.expose(api)
