import type { BandShare, Boat, Course, DialWay, Presented } from '#core/course'

export type CourseRequest = readonly { readonly id: string; readonly presented: Presented }[]

export interface FoundCourse {
  readonly id: string
  readonly course: Course
  readonly share: BandShare
  readonly runsAtM: number
}

export interface CourseApi {
  courses: (request: CourseRequest) => readonly FoundCourse[]
  ways: (presented: Presented, deltaM: number, boat: Boat) => readonly DialWay[]
}
