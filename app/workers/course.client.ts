import * as Comlink from 'comlink'
import type { Boat, DialWay, Presented } from '#core/course'
import type { CourseApi, CourseRequest, FoundCourse } from './course.protocol'

/**
 * Courses from their worker. While one is worked out only the newest question waits: a dragged rod tip never queues up stale courses.
 */
export class CourseClient {
  private readonly worker = new Worker(new URL('./course.worker.ts', import.meta.url), {
    type: 'module',
    name: 'course',
  })
  private readonly api = Comlink.wrap<CourseApi>(this.worker)
  private waiting: CourseRequest | null = null
  private isBusy = false

  constructor(
    private readonly found: (courses: readonly FoundCourse[]) => void,
    private readonly failed: (error: Error) => void,
  ) {}

  ask(request: CourseRequest): void {
    this.waiting = request
    if (!this.isBusy) void this.work()
  }

  ways(presented: Presented, deltaM: number, boat: Boat): Promise<readonly DialWay[]> {
    return this.api.ways(presented, deltaM, boat)
  }

  close(): void {
    this.worker.terminate()
  }

  private async work(): Promise<void> {
    this.isBusy = true
    try {
      while (this.waiting) {
        const request = this.waiting
        this.waiting = null
        this.found(await this.api.courses(request))
      }
    } catch (error) {
      this.failed(error as Error)
    } finally {
      this.isBusy = false
    }
  }
}
