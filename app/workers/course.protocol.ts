import type { BandShare, Boat, Course, DialWay, Presented } from '#core/course'

export interface CourseRequest {
  readonly baits: readonly { readonly id: string, readonly presented: Presented }[]
  /** The fish band [m]. */
  readonly fishFromM: number
  readonly fishToM: number
}

export interface FoundCourse { readonly id: string, readonly course: Course, readonly share: BandShare, readonly runsAtM: number }

export interface CourseApi {
  courses: (request: CourseRequest) => readonly FoundCourse[]
  ways: (presented: Presented, deltaM: number, boat: Boat) => readonly DialWay[]
}
