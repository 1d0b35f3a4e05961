import type { Condition, LureMarks } from '#core/rule'
import type { SourceRef } from '#core/sources'
import type { TrailerHooking } from '#core/terms'
import {
  AGGRESSIVE,
  CLEAR,
  COLD,
  LETHARGIC,
  MUDDY,
  NIPPING,
  NOT_CLEAR,
  NOT_MUDDY,
  PRESSURED,
  WOOD,
} from './rules/conditions'

/** One row of the table of hosts and trailers (handbook §23.3): what it adds to the log-odds of this trailer behind this host. */
export interface TrailerRow {
  readonly id: string
  readonly host: LureMarks
  /** The trailer it speaks of; `none`: the bare host. */
  readonly trailer: LureMarks | 'none'
  readonly when: readonly Condition[]
  /** Positive for it, negative against it. Assumed figures; the order is the handbook's. */
  readonly lift: number
  readonly hooking?: TrailerHooking
  readonly text: string
  readonly source: SourceRef
}

const JIG: LureMarks = { family: ['skirted-jig'], style: ['flipping', 'football'] }
const FINESSE: LureMarks = { family: ['skirted-jig'], style: ['finesse'] }
const SWIM: LureMarks = { family: ['skirted-jig'], style: ['swim'] }
const ANY_JIG: LureMarks = { family: ['skirted-jig'] }
const BLADED: LureMarks = { family: ['bladed-jig'] }
const BLADES: LureMarks = { family: ['spinnerbait'] }
const HAIR: LureMarks = { family: ['hair-jig'] }

const KICKING: LureMarks = { family: ['craw'], thump: [2.5, 5] }
const CHUNK: LureMarks = { family: ['craw'], thump: [1, 2.4] }
const BEAVER: LureMarks = { family: ['creature'] }
const STICK: LureMarks = { family: ['stick-worm'] }
const GRUB: LureMarks = { family: ['grub'] }
const MINNOW: LureMarks = { family: ['minnow-soft', 'soft-jerk'] }
const SLIM_PADDLE: LureMarks = { family: ['paddle-tail'], bulk: [1, 2.5] }
const FULL_PADDLE: LureMarks = { family: ['paddle-tail'], bulk: [2.6, 3.5] }
const FAT_PADDLE: LureMarks = { family: ['paddle-tail'], bulk: [3.6, 5] }

const WARM: Condition = { feature: 'warmthC', zeroAt: 9, oneAt: 15 }
const CHILLED: Condition = { feature: 'warmthC', zeroAt: 13, oneAt: 9 }
const DIRTY: Condition = { feature: 'visibilityM', zeroAt: 1.8, oneAt: 1 }
const SLOW_BLADES: Condition = { feature: 'warmthC', zeroAt: 22, oneAt: 14 }

const row = (
  id: string,
  host: LureMarks,
  trailer: LureMarks | 'none',
  when: readonly Condition[],
  lift: number,
  text: string,
  hooking?: TrailerHooking,
): TrailerRow => ({
  id: `trailer.${id}`,
  host,
  trailer,
  when,
  lift,
  text,
  source: 'common-practice',
  ...(hooking ? { hooking } : {}),
})

export const TRAILERS: readonly TrailerRow[] = [
  row(
    'jig.craw',
    JIG,
    { family: ['craw', 'creature'] },
    [],
    1.2,
    'A flipping or football jig usually carries a craw or chunk of its own size.',
    'threaded',
  ),
  row(
    'jig.kick',
    JIG,
    KICKING,
    [WARM, NOT_CLEAR],
    0.8,
    'Warm, coloured water: kicking claws swim the jig and push water.',
    'threaded',
  ),
  row('jig.kick-active', JIG, KICKING, [AGGRESSIVE, WARM], 1.2, 'Active fish: kicking claws.', 'threaded'),
  row('jig.no-kick-cold', ANY_JIG, KICKING, [CHILLED], -2, 'Below about 9 °C kicking limbs are too much.'),
  row('jig.no-kick-slow', ANY_JIG, KICKING, [LETHARGIC], -2, 'Finicky fish: no kicking limbs.'),
  row(
    'jig.no-kick-pressured',
    ANY_JIG,
    KICKING,
    [PRESSURED, CLEAR],
    -1.4,
    'Pressured fish in clear water: no kicking limbs.',
  ),
  row('jig.beaver-wood', JIG, BEAVER, [WOOD], 0.7, 'In wood the beaver falls straight and does not catch.', 'threaded'),
  row('jig.beaver', JIG, BEAVER, [NOT_MUDDY], 0.3, 'The beaver glides, falls straighter and adds bulk.', 'threaded'),
  row(
    'jig.stick',
    JIG,
    STICK,
    [LETHARGIC],
    1.8,
    'Finicky fish: a soft stick behind the jig, threaded to dart, through its middle to fall slowly and flare.',
    'middle',
  ),
  row(
    'jig.stick-clear',
    JIG,
    STICK,
    [PRESSURED, CLEAR],
    1,
    'Pressured clear water: a soft stick threaded straight.',
    'threaded',
  ),
  row('jig.chunk-cold', JIG, CHUNK, [COLD], 1, 'Cold water: a small chunk that hardly moves.', 'threaded'),
  row('jig.chunk-slow', JIG, CHUNK, [LETHARGIC], 0.9, 'Slow fish: a small chunk, the skirt trimmed.', 'threaded'),
  row(
    'jig.full-muddy',
    JIG,
    { lengthMm: [75, 400] },
    [MUDDY],
    0.7,
    'Muddy water: a full-sized trailer, for what it pushes.',
    'threaded',
  ),
  row(
    'jig.small-pressured',
    JIG,
    { lengthMm: [30, 65] },
    [PRESSURED, CLEAR],
    0.6,
    'Pressured fish in clear water: a small trailer takes bulk from the jig.',
    'threaded',
  ),
  row(
    'finesse.small',
    FINESSE,
    { family: ['craw', 'creature'], lengthMm: [30, 65] },
    [],
    1.2,
    'A finesse jig: a small chunk or half a stick.',
    'threaded',
  ),
  row('finesse.stick', FINESSE, STICK, [], 1, 'A finesse jig: half a stick, threaded.', 'threaded'),
  row('finesse.stick-slow', FINESSE, STICK, [LETHARGIC], 0.6, 'A threaded stick for finicky fish.', 'threaded'),
  row(
    'finesse.not-large',
    FINESSE,
    { lengthMm: [72, 400], family: ['craw', 'creature', 'paddle-tail', 'worm'] },
    [],
    -1.5,
    'A large trailer makes a finesse jig another bait.',
  ),
  row('swim.paddle', SWIM, SLIM_PADDLE, [], 1.4, 'A swim jig: a slim paddle-tail with a strong kick.', 'threaded'),
  row('swim.grub', SWIM, GRUB, [], 1.1, 'A swim jig: a grub.', 'threaded'),
  row(
    'swim.paddle-full',
    SWIM,
    FULL_PADDLE,
    [AGGRESSIVE],
    0.8,
    'Active fish: the fuller paddle-tail behind a swim jig.',
    'threaded',
  ),
  row(
    'swim.no-claws',
    SWIM,
    { family: ['craw', 'creature', 'stick-worm', 'worm'] },
    [],
    -1,
    'A swim jig wants a tail that swims.',
  ),
  row(
    'jig.no-tails',
    { family: ['skirted-jig'], style: ['flipping', 'football', 'finesse'] },
    { family: ['grub', 'paddle-tail', 'minnow-soft', 'worm'] },
    [],
    -1,
    'Bottom jigs imitate what crawls: claws and chunks rather than tails.',
  ),
  row(
    'bladed.slim',
    BLADED,
    SLIM_PADDLE,
    [],
    1.3,
    'A bladed jig: a slim light body passes the blade’s action through.',
    'threaded',
  ),
  row('bladed.minnow', BLADED, MINNOW, [], 1.1, 'A bladed jig: a minnow tail or soft jerkbait.', 'threaded'),
  row('bladed.grub', BLADED, GRUB, [], 0.6, 'A bladed jig carries a grub well.', 'threaded'),
  row(
    'bladed.nipping',
    BLADED,
    { family: ['minnow-soft', 'soft-jerk', 'paddle-tail'], bulk: [1, 2] },
    [NIPPING],
    0.8,
    'Fish swat and miss: the slimmer body with the narrower kick.',
    'threaded',
  ),
  row('bladed.not-full', BLADED, FULL_PADDLE, [], -0.5, 'A full body dulls the blade.'),
  row('bladed.not-fat', BLADED, FAT_PADDLE, [], -3, 'A fat body behind a bladed jig dulls the blade.'),
  row(
    'bladed.not-claws',
    BLADED,
    { family: ['craw', 'creature', 'stick-worm', 'worm'] },
    [],
    -1.2,
    'Arms and heavy bodies dull the blade.',
  ),
  row('blades.grub', BLADES, GRUB, [], 0.9, 'Behind a spinnerbait: a grub is the standard.', 'threaded'),
  row('blades.minnow', BLADES, MINNOW, [], 0.4, 'A minnow tail moves more than a grub.', 'threaded'),
  row(
    'blades.paddle',
    BLADES,
    { family: ['paddle-tail'], bulk: [1, 3.5] },
    [DIRTY],
    0.6,
    'Dirty water: a paddle-tail, which kicks most, lifts, and runs higher and slower.',
    'threaded',
  ),
  row(
    'blades.paddle-active',
    BLADES,
    { family: ['paddle-tail'], bulk: [1, 3.5] },
    [AGGRESSIVE, WARM],
    0.7,
    'Warm water and active fish: a paddle-tail behind the blades.',
    'threaded',
  ),
  row(
    'blades.paddle-mud',
    BLADES,
    { family: ['paddle-tail'] },
    [MUDDY, SLOW_BLADES],
    1.6,
    'Crept through mud: a large swimming trailer brakes and lifts.',
    'threaded',
  ),
  row('blades.none', BLADES, 'none', [CLEAR], 0.8, 'Clear or cold: the spinnerbait bare, or a small grub.'),
  row('blades.none-cold', BLADES, 'none', [LETHARGIC], 0.6, 'Slow fish: the spinnerbait bare, or a small grub.'),
  row(
    'blades.none-heavy',
    { family: ['spinnerbait'], weightG: [18, 70] },
    'none',
    [],
    1.5,
    'A heavy spinnerbait is fished bare: a trailer lifts it and loads the rod.',
  ),
  row('blades.fat', BLADES, FAT_PADDLE, [NOT_MUDDY], -1.2, 'A fat body brakes a spinnerbait more than it helps.'),
  row('blades.nipping', BLADES, { bulk: [2.1, 5] }, [NIPPING], -0.8, 'They nip short: the slimmest tail, or none.'),
  row(
    'blades.not',
    BLADES,
    { family: ['craw', 'creature', 'stick-worm', 'worm'] },
    [],
    -2.5,
    'No worms and no claws behind spinnerbaits.',
  ),
  row('hair.none', HAIR, 'none', [], 0.4, 'A hair jig is finished as it is.'),
  row(
    'hair.grub',
    HAIR,
    { family: ['grub', 'paddle-tail'], bulk: [1, 3.5] },
    [AGGRESSIVE],
    0.9,
    'A strip or a grub tail on a hair jig adds life.',
    'threaded',
  ),
]

/** A skirted jig that has a trailer and is fished bare all the same; blades may be fished bare (handbook §6). */
export const UNFINISHED: TrailerRow = row(
  'jig.unfinished',
  ANY_JIG,
  'none',
  [],
  -12,
  'A skirted jig is unfinished without its trailer: it is bare because no rod here carries both.',
)

/** A trailer against its host's length: of its size, 0.6 to 1.0 of the jig; beyond that it costs. Assumed. */
export const TRAILER_LENGTH = { least: 0.6, most: 1.15, costPerDoubling: 1.6 } as const
/** A trailer of another colour scheme than its host's [log-odds]. Assumed. */
export const TRAILER_OTHER_COLOUR = 0.35
