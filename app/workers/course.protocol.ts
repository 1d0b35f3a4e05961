import type { BandShare, Boat, Course, DialWay, Doubts, Presented, Spread } from '#core/course'

export type CourseRequest = readonly {
  readonly id: string
  readonly presented: Presented
  readonly doubts?: Doubts | undefined
}[]

export interface FoundCourse {
  readonly id: string
  readonly course: Course
  readonly share: BandShare
  readonly runsAtM: number
  /** How surely, where the doubts were given. */
  readonly spread: Spread | null
}

export interface CourseApi {
  courses: (request: CourseRequest) => readonly FoundCourse[]
  ways: (presented: Presented, deltaM: number, boat: Boat) => readonly DialWay[]
}
