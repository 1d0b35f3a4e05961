/** What a boat's instruments said at one moment; what they had not said yet is `null`. */
export interface BoatMoment {
  /** ISO 8601, UTC; `null` until a sentence with a date came. */
  readonly at: string | null
  readonly latitude: number | null
  readonly longitude: number | null
  /** Water under the surface [m]. */
  readonly depthM: number | null
  readonly temperatureC: number | null
  /** Through the water, else over ground [m/s]. */
  readonly speedMs: number | null
}

/** What a log held, sound and not. */
export interface NmeaCounts {
  readonly sentences: number
  readonly badChecksum: number
  readonly unknown: number
  readonly broken: number
}

const NOTHING: BoatMoment = {
  at: null,
  latitude: null,
  longitude: null,
  depthM: null,
  temperatureC: null,
  speedMs: null,
}
/** By definition of the knot. */
const KNOT_MS = 1852 / 3600

/** XOR of all characters between `$` and `*`, two hexadecimal digits (NMEA 0183). */
export function nmeaChecksum(body: string): string {
  let sum = 0
  for (const char of body) sum ^= char.charCodeAt(0)
  return sum.toString(16).toUpperCase().padStart(2, '0')
}

/** `body` with its `$` and checksum. */
export function nmeaSentence(body: string): string {
  return `$${body}*${nmeaChecksum(body)}`
}

type Said = Partial<BoatMoment> & { readonly clock?: string; readonly date?: string }

/** A field as a number; `null` when it is empty, NaN when it is none. */
function number(field: string | undefined): number | null {
  return field === undefined || field === '' ? null : Number(field)
}

/** `4807.038,N` → 48.1173. */
function degrees(field: string | undefined, side: string | undefined): number | null {
  const match = /^(\d{1,3})(\d{2}(?:\.\d+)?)$/.exec(field ?? '')
  if (!field) return null
  if (!match || !/^[NSEW]$/.test(side ?? '')) return NaN
  return (Number(match[1]) + Number(match[2]) / 60) * (side === 'S' || side === 'W' ? -1 : 1)
}

const times = (value: number | null, factor: number) => (value === null ? null : value * factor)
const said = (key: keyof BoatMoment, value: number | null): Said => (value === null ? {} : { [key]: value })
const position = (fields: readonly string[], from: number): Said => ({
  ...said('latitude', degrees(fields[from], fields[from + 1])),
  ...said('longitude', degrees(fields[from + 2], fields[from + 3])),
})

/** What each sentence says, by its last three letters (NMEA 0183). A newcomer adds a line. */
const SENTENCES: Record<string, (fields: readonly string[]) => Said> = {
  GGA: f => ({ ...position(f, 1), ...(f[0] ? { clock: f[0] } : {}) }),
  GLL: f => ({ ...position(f, 0), ...(f[4] ? { clock: f[4] } : {}) }),
  RMC: f => ({
    ...position(f, 2),
    ...said('speedMs', times(number(f[6]), KNOT_MS)),
    ...(f[0] ? { clock: f[0] } : {}),
    ...(f[8] ? { date: f[8] } : {}),
  }),
  ZDA: f => (f[1] && f[2] && f[3] ? { clock: f[0] ?? '', date: `${f[1]}${f[2]}${f[3].slice(-2)}` } : {}),
  // Depth below the transducer, with its offset when that is to the surface (positive).
  DPT: f => {
    const below = number(f[0])
    return said('depthM', below === null ? null : below + Math.max(0, number(f[1]) ?? 0))
  },
  DBT: f => said('depthM', number(f[2])),
  DBS: f => said('depthM', number(f[2])),
  MTW: f => said('temperatureC', number(f[0])),
  VHW: f => said('speedMs', times(number(f[4]), KNOT_MS)),
  VTG: f => said('speedMs', times(number(f[4]), KNOT_MS)),
}

/** Possible values; a sentence outside them is broken, whatever its checksum says. */
const LIMITS: Record<Exclude<keyof BoatMoment, 'at'>, readonly [number, number]> = {
  latitude: [-90, 90],
  longitude: [-180, 180],
  depthM: [0, 12_000],
  temperatureC: [-3, 45],
  speedMs: [0, 60],
}

/** Reads NMEA 0183 sentence by sentence and keeps what was said last. */
export class NmeaReader {
  now: BoatMoment = NOTHING
  counts: NmeaCounts = { sentences: 0, badChecksum: 0, unknown: 0, broken: 0 }
  private date: string | null = null

  /** @returns whether the sentence was sound and known */
  read(line: string): boolean {
    const match = /^\s*[$!]([^*]+)(?:\*([0-9A-Fa-f]{2}))?\s*$/.exec(line)
    if (line.trim() === '') return false
    if (!match) return this.count('broken')
    const body = match[1]!
    if (match[2] === undefined || nmeaChecksum(body) !== match[2].toUpperCase()) return this.count('badChecksum')
    const [address = '', ...fields] = body.split(',')
    const sentence = SENTENCES[address.slice(-3)]
    if (!sentence) return this.count('unknown')
    const { clock, date, ...values } = sentence(fields)
    const isPossible = Object.entries(values).every(([key, value]) => {
      const [low, high] = LIMITS[key as keyof typeof LIMITS]
      return typeof value === 'number' && value >= low && value <= high
    })
    if (!isPossible) return this.count('broken')
    if (date) this.date = date
    this.now = {
      ...this.now,
      ...values,
      at: clock && this.date ? (instant(this.date, clock) ?? this.now.at) : this.now.at,
    }
    this.counts = { ...this.counts, sentences: this.counts.sentences + 1 }
    return true
  }

  private count(kind: 'badChecksum' | 'unknown' | 'broken'): false {
    this.counts = { ...this.counts, [kind]: this.counts[kind] + 1 }
    return false
  }
}

/** `ddmmyy` and `hhmmss` → ISO 8601; years of two digits are those of this century. */
function instant(date: string, clock: string): string | null {
  const d = /^(\d{2})(\d{2})(\d{2})$/.exec(date)
  const t = /^(\d{2})(\d{2})(\d{2})/.exec(clock)
  return d && t ? `20${d[3]}-${d[2]}-${d[1]}T${t[1]}:${t[2]}:${t[3]}Z` : null
}

export interface NmeaLog {
  readonly last: BoatMoment
  readonly moments: readonly BoatMoment[]
  readonly counts: NmeaCounts
}

/** A whole log: one moment for each sentence that carries a position. A damaged log is read as far as it is sound. */
export function parseNmea(text: string): NmeaLog {
  const reader = new NmeaReader()
  const moments: BoatMoment[] = []
  for (const line of text.split(/\r?\n/)) {
    const before = reader.now
    if (reader.read(line) && (reader.now.latitude !== before.latitude || reader.now.longitude !== before.longitude))
      moments.push(reader.now)
  }
  return { last: reader.now, moments, counts: reader.counts }
}
