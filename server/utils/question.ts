import type * as z from 'zod'

/** What was asked, checked. Errors: 400 with the field's path and what is wrong with it. */
export function questionOf<T>(event: Parameters<typeof getQuery>[0], schema: z.ZodType<T>): T {
  const asked = schema.safeParse(getQuery(event))
  if (asked.success) return asked.data
  const { path, message } = asked.error.issues[0]!
  throw createError({ statusCode: 400, statusMessage: 'Bad question', data: { path: path.join('.'), message } })
}
