import { IntlMessageFormat } from 'intl-messageformat'
import type { Message, MessageCode, Quantity, Told, Value } from '#core/message'
import { type Dimension, formatNumber, formatQuantity, type UnitSystem } from '#core/units'
import english from './en.json'

/** A language is one file: the text of every code, in ICU MessageFormat. */
export type Language = Readonly<Record<MessageCode, string>>

/** Puts messages in words, in one language and one system of units. */
export interface Speaker {
  /** What is said already stays as it is. */
  readonly say: (said: string | Message) => string
  /** The same data with every message in it put in words; the data itself is not touched. */
  readonly tell: <T>(data: T) => Told<T>
}

/** Figures that are told with one decimal: `{mean, number, one}`. */
const FORMATS = { number: { one: { minimumFractionDigits: 1, maximumFractionDigits: 1, useGrouping: false } } }

/** The speaker of one system of units. @throws {RangeError} if a message has a code that the language does not know */
export function speakerIn(system: UnitSystem = 'metric', language: Language = english, locale = 'en'): Speaker {
  const say = (said: string | Message): string => {
    if (typeof said === 'string') return said
    const values: Record<string, string | number> = {}
    for (const [name, value] of Object.entries(said.values)) values[name] = word(value)
    return formatOf(said.code, language, locale).format(values) as string
  }
  const word = (value: Value): string | number => {
    if (typeof value === 'number' || typeof value === 'string') return value
    if ('code' in value) return say(value)
    if ('joined' in value) return value.joined.map(word).join(', ')
    return figure(value)
  }
  const figure = ({ dimension, value, bare, ...shape }: Quantity) =>
    (bare ? formatNumber : formatQuantity)(dimension as Dimension, value, { system, ...shape })
  /** A part without any message in it stays the same object. */
  const tell = (data: unknown): unknown => {
    if (typeof data !== 'object' || data === null) return data
    if (isMessage(data)) return say(data)
    const isList = Array.isArray(data)
    if (!isList && Object.getPrototypeOf(data) !== Object.prototype) return data
    let told: Record<string, unknown> | null = null
    for (const key in data) {
      const value = (data as Record<string, unknown>)[key]
      const word = tell(value)
      if (word === value) continue
      told ??= (isList ? [...(data as unknown[])] : { ...data }) as Record<string, unknown>
      told[key] = word
    }
    return told ?? data
  }
  return { say, tell: tell as Speaker['tell'] }
}

const speakers = new Map<UnitSystem, Speaker>()

/** Data with its messages in words, in the language of this program. */
export function inWords<T>(data: T, system: UnitSystem = 'metric'): Told<T> {
  let speaker = speakers.get(system)
  if (!speaker) speakers.set(system, (speaker = speakerIn(system)))
  return speaker.tell(data)
}

/** A message is told by its shape, so that it may cross to a worker and back. */
function isMessage(data: object): data is Message {
  return 'values' in data && 'code' in data && typeof data.code === 'string'
}

const parsed = new WeakMap<Language, Map<string, IntlMessageFormat>>()

function formatOf(code: MessageCode, language: Language, locale: string): IntlMessageFormat {
  let known = parsed.get(language)
  if (!known) parsed.set(language, (known = new Map<string, IntlMessageFormat>()))
  let format = known.get(code)
  if (!format) {
    const text: string | undefined = language[code]
    if (text === undefined) throw new RangeError(`speech: no words for “${code}”`)
    known.set(code, (format = new IntlMessageFormat(text, locale, FORMATS, { ignoreTag: true })))
  }
  return format
}
