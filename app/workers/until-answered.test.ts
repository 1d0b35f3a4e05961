import { describe, expect, it } from 'vitest'
import { untilAnswered } from './until-answered'

describe('what a worker says on its way', () => {
  const told = (answer: Promise<string>) => {
    const heard: number[] = []
    let say: (share: number) => void = () => undefined
    const asked = untilAnswered(
      (share: number) => void heard.push(share),
      hear => {
        say = hear
        return answer
      },
    )
    return { heard, asked, say: (share: number) => say(share) }
  }

  it('is heard until the answer is there, and not after it: a plan had stayed at "looking closer" for good', async () => {
    const { heard, asked, say } = told(Promise.resolve('done'))
    say(0.5)
    expect(await asked).toBe('done')
    say(0.9)
    expect(heard).toEqual([0.5])
  })
  it('is not heard after a failure either', async () => {
    const { heard, asked, say } = told(Promise.reject(new Error('the worker is gone')))
    await expect(asked).rejects.toThrow('the worker is gone')
    say(0.9)
    expect(heard).toEqual([])
  })
})
