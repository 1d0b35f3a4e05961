import * as Comlink from 'comlink'
import { courseOf, runningDepth, shareInBand, waysToChange } from '#core/course'
import type { CourseApi } from './course.protocol'

const api: CourseApi = {
  courses: ({ baits, fishFromM, fishToM }) => baits.map(({ id, presented }) => {
    const course = courseOf(presented)
    return { id, course, share: shareInBand(course, fishFromM, fishToM), runsAtM: presented.control === 'count-down' ? course.meanM : runningDepth(presented) }
  }),
  ways: (presented, deltaM, boat) => waysToChange(presented, deltaM, boat),
}

Comlink.expose(api)
