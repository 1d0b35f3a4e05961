import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inWords } from '#speech'
import {
  countsOf,
  parseFile as saidParseFile,
  parseJson as saidParseJson,
  parseLure as saidParseLure,
  parseReading as saidParseReading,
  parseSchools as saidParseSchools,
} from './parse'

const parseFile = (...given: Parameters<typeof saidParseFile>) => inWords(saidParseFile(...given))
const parseReading = (...given: Parameters<typeof saidParseReading>) => inWords(saidParseReading(...given))
const parseJson = (...given: Parameters<typeof saidParseJson>) => inWords(saidParseJson(...given))
const parseLure = (...given: Parameters<typeof saidParseLure>) => inWords(saidParseLure(...given))
const parseSchools = (...given: Parameters<typeof saidParseSchools>) => inWords(saidParseSchools(...given))

const lure = { id: 'l1', name: 'Weir runner', family: 'crankbait' }
const file = (parts: object) => ({ format: 'ygrion', version: 1, ...parts })
const firstIssue = (outcome: ReturnType<typeof parseFile>) => (outcome.ok ? null : outcome.issues[0])

describe('parseFile', () => {
  it('takes a file whose every list is missing', () => {
    const outcome = parseFile(file({}))
    expect(outcome.ok && countsOf(outcome.value)).toEqual({
      lures: 0,
      parts: 0,
      outfits: 0,
      places: 0,
      tests: 0,
      trips: 0,
      rules: 0,
    })
  })
  it('keeps unknown fields and null as they were', () => {
    const data = file({
      lures: [{ ...lure, weightG: null, moonPhaseBought: 'full', colours: { side: '#c9c7a6', sparkle: 3 } }],
      weather: [],
    })
    const outcome = parseFile(data)
    expect(outcome.ok && outcome.value).toEqual(data)
  })
  it.each([
    [{ ...lure, weightG: -3 }, 'lures[0].weightG', /must be at least 0.01, got -3/],
    [{ ...lure, weightG: '12' }, 'lures[0].weightG', /must be a number, got "12"/],
    [{ ...lure, family: 'teapot' }, 'lures[0].family', /must be one of .*crankbait.*, got "teapot"/],
    [{ id: 'l1', name: 'no kind' }, 'lures[0].family', /must be one of|required/],
    [{ ...lure, colours: { side: 'red' } }, 'lures[0].colours.side', /colour like #49583a, got "red"/],
    [{ ...lure, vibration: 9 }, 'lures[0].vibration', /at most 5, got 9/],
    [{ ...lure, speed: { minMs: 2, bestMs: 1, maxMs: 3 } }, 'lures[0].speed', /speeds must rise/],
    [{ ...lure, hooks: [{ kind: 'spear' }] }, 'lures[0].hooks[0].kind', /one of .*treble/],
  ])('names field and value: %j', (bad, path, message) => {
    const issue = firstIssue(parseFile(file({ lures: [bad] })))
    expect(issue?.path).toBe(path)
    expect(issue?.message).toMatch(message)
  })
  it('refuses an id that stands twice', () => {
    expect(firstIssue(parseFile(file({ lures: [lure, { ...lure }] })))).toEqual({
      path: 'lures[1].id',
      message: 'stands twice in lures: "l1"',
    })
  })
  it('says when a file is no Ygrion file, or a newer one', () => {
    expect(firstIssue(parseFile({}))?.path).toBe('format')
    expect(firstIssue(parseFile(file({ version: 7 })))?.message).toMatch(/newer Ygrion: version 7/)
    expect(firstIssue(parseFile([]))?.message).toMatch(/expected an object/)
  })
  it('never throws, whatever it is given', () => {
    fc.assert(
      fc.property(fc.anything(), data => {
        expect(parseFile(data).ok).toBe(false)
      }),
      { numRuns: 500 },
    )
    fc.assert(
      fc.property(
        fc.record({ lures: fc.anything(), outfits: fc.anything(), trips: fc.anything() }),
        parts => typeof parseFile(file(parts)).ok === 'boolean',
      ),
      { numRuns: 500 },
    )
  })
})

describe('parseReading', () => {
  const reading = { species: 'perch', temperatureC: 12 }
  it('needs species and temperature only', () => {
    expect(parseReading(reading).ok).toBe(true)
    expect(parseReading({ temperatureC: 12 }).ok).toBe(false)
  })
  it.each([
    [{ temperatureC: 95 }, 'temperatureC', /at most 40, got 95/],
    [{ species: 'dragon' }, 'species', /one of/],
    [{ fishFromM: 4, fishToM: 2 }, 'fishFromM', /must not be below fishToM/],
    [{ bottomM: 3, fishToM: 5 }, 'fishToM', /cannot be below the bottom/],
    [{ at: 'tomorrow' }, 'at', /ISO 8601/],
  ])('refuses %j', (change, path, message) => {
    const outcome = parseReading({ ...reading, ...change })
    expect(outcome.ok ? null : outcome.issues[0]!.path).toBe(path)
    expect(outcome.ok ? '' : outcome.issues[0]!.message).toMatch(message)
  })
})

describe('parseJson, parseLure, parseSchools', () => {
  it('say what is wrong in words', () => {
    const damaged = parseJson('{ "lures": [')
    expect(damaged.ok ? '' : damaged.issues[0]!.message).toMatch(/not readable as JSON/)
    expect(parseJson('\uFEFF{}').ok).toBe(true)
    expect(parseLure({ ...lure, name: '' })).toEqual({
      ok: false,
      issues: [{ path: 'name', message: 'must not be empty' }],
    })
    expect(parseSchools('grass=rip, rattle=loud')).toEqual({ ok: true, value: { grass: 'rip', rattle: 'loud' } })
    const unknown = parseSchools('grass=mow')
    expect(unknown.ok ? '' : unknown.issues[0]!.message).toBe('must be one of tick, rip, got "mow"')
    expect(parseSchools('weather=fine').ok).toBe(false)
  })
})
