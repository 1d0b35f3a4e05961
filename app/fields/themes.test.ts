import { readFileSync } from 'node:fs'
import { wcagContrast } from 'culori'
import { describe, expect, it } from 'vitest'
import { THEMES, type ThemeName } from '~/stores/settings'
import { VUETIFY_THEMES } from './themes'

const css = readFileSync('app/assets/main.css', 'utf8')

/** The colours that a theme sets, by name; what it does not set is the day's. */
function tokens(theme: ThemeName): Readonly<Record<string, string>> {
  const block = (selector: string) => css.slice(css.indexOf(`${selector} {`)).split('}')[0]!
  const read = (text: string) =>
    Object.fromEntries([...text.matchAll(/--([\w-]+): (#[0-9a-f]{6});/g)].map(([, name, colour]) => [name, colour]))
  return theme === 'day' ? read(block(':root')) : { ...read(block(':root')), ...read(block(`.theme-${theme}`)) }
}
/** What is written with, and on what. */
const PAIRS = [
  ...['ink', 'soft-ink', 'float', 'brass', 'water-ink', 'good'].flatMap(
    text =>
      [
        [text, 'paper'],
        [text, 'leaf'],
      ] as const,
  ),
  ['on-float', 'float'],
  ['leaf', 'ink'],
] as const
/** Least contrast of text. Source: WCAG 2.2, success criteria 1.4.3 (4.5:1) and, in glare, 1.4.6 (7:1). */
const LEAST: Record<ThemeName, number> = { day: 4.5, glare: 7, night: 4.5 }

describe.each(THEMES)('the %s theme', theme => {
  it.each(PAIRS)('%s can be read on %s', (text, ground) => {
    expect(wcagContrast(tokens(theme)[text]!, tokens(theme)[ground]!)).toBeGreaterThanOrEqual(LEAST[theme])
  })
  it('is the same in the form fields', () => {
    const { paper, leaf, ink, float } = tokens(theme)
    expect(VUETIFY_THEMES[theme].colors).toMatchObject({
      'background': paper,
      'surface': leaf,
      'on-surface': ink,
      'secondary': tokens(theme)['soft-ink'],
      'accent': float,
    })
  })
  it('shines less by night than by day', () => {
    const brightness = (name: ThemeName) => wcagContrast(tokens(name).paper!, '#000000')
    expect(brightness('night')).toBeLessThan(1.2)
    expect(brightness(theme)).toBeLessThanOrEqual(brightness('glare'))
  })
})
