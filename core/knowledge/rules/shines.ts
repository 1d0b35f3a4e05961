import type { Condition, Favour, Rule } from '#core/rule'
import type { TacticId } from '#core/terms'
import { AGGRESSIVE, AUTUMN, BAIT_SHOWN, BRIGHT, CLEAR, CURRENT, DAY, DEEP_FISH, DULL, DUSKY, GRASS, HARD_BOTTOM, LETHARGIC, MUDDY, NEUTRAL, NIGHT, NOT_CLEAR, NOT_MUDDY, ONE_SPOT, OPEN, PRE_SPAWN, PRESSURED, ROUGH_SURF, SALMONIDS, SALT, SANDY, SCHOOLED, SHALLOW_FISH, SURFACE_FEEDING, WATCHABLE, WINDY, WOOD } from './conditions'

/** Warmth of the water as the fish feels it (handbook §23.2). Soft widths assumed. */
const CHILL: Condition = { feature: 'warmthC', zeroAt: 12, oneAt: 8 }
const COOL: Condition = { feature: 'warmthC', zeroAt: 18, oneAt: 12 }
const MILD: Condition = { feature: 'warmthC', zeroAt: 8, oneAt: 12 }
const WARM: Condition = { feature: 'warmthC', zeroAt: 13, oneAt: 17 }
const HOT_WATER: Condition = { feature: 'temperatureC', zeroAt: 23, oneAt: 26 }
const CALM: Condition = { feature: 'windMs', zeroAt: 7, oneAt: 3 }
const AFLOAT: Condition = { feature: 'from', any: ['boat', 'kayak'] }
const ASHORE: Condition = { feature: 'from', any: ['bank', 'wading'] }
const DEEP_BOTTOM: Condition = { feature: 'bottomM', zeroAt: 5, oneAt: 9 }
const VERY_DEEP: Condition = { feature: 'fishFromM', zeroAt: 6, oneAt: 12 }
const SHALLOW_BOTTOM: Condition = { feature: 'bottomM', zeroAt: 4, oneAt: 2.5 }
const NEAR_BOTTOM: Condition = { feature: 'suspendedM', zeroAt: 1.2, oneAt: 0.4 }
const SUSPENDED: Condition = { feature: 'suspendedM', zeroAt: 1.5, oneAt: 4 }
const DOCKS: Condition = { feature: 'cover', any: ['dock', 'pier'] }
const PADS: Condition = { feature: 'cover', any: ['pads', 'reeds'] }
const HIDES: Condition = { feature: 'cover', any: ['wood', 'brush', 'dock', 'pads', 'reeds', 'mangrove'] }
const OPEN_WATER: Condition = { feature: 'cover', any: ['open'] }
const BAIT_FISH: Condition = { feature: 'silhouette', any: ['slim', 'deep', 'needle'] }
const CRAWLERS: Condition = { feature: 'silhouette', any: ['crustacean', 'bottom', 'worm'] }
const CRUSTACEANS: Condition = { feature: 'silhouette', any: ['crustacean'] }
const FROGS: Condition = { feature: 'forage', any: ['frog'] }
const TINY: Condition = { feature: 'forageLengthMm', zeroAt: 50, oneAt: 28 }
const LARGE_PREY: Condition = { feature: 'forageLengthMm', zeroAt: 110, oneAt: 160 }
const INSECTS: Condition = { feature: 'silhouette', any: ['insect'] }
const BIG_HUNTERS: Condition = { feature: 'species', any: ['northern-pike', 'muskellunge'] }
const BASS: Condition = { feature: 'species', any: ['largemouth-bass', 'smallmouth-bass', 'spotted-bass'] }
const PERCHES: Condition = { feature: 'species', any: ['perch', 'walleye', 'zander'] }
const FLAT_FEEDERS: Condition = { feature: 'species', any: ['flounder', 'flathead', 'sand-whiting', 'bream', 'black-drum', 'red-drum'] }
const RIVER: Condition = { feature: 'water', any: ['river'] }
const STILL_WATER: Condition = { feature: 'water', any: ['pond', 'lake', 'reservoir'] }
const SURF_WATER: Condition = { feature: 'water', any: ['surf', 'sea', 'estuary'] }

type Marks = Omit<Favour, 'tactic'>
const shines = (id: string, tactic: readonly TacticId[], when: readonly Condition[], weight: number, text: string, marks: Marks = {}): Rule =>
  ({ id: `shines.${id}`, weight, when, section: '§23.1', source: 'common-practice', text, effects: [{ axis: 'tactic', favours: { tactic, ...marks }, lift: 1 }] })
const poor = (id: string, tactic: readonly TacticId[], when: readonly Condition[], weight: number, text: string, marks: Marks = {}): Rule =>
  ({ id: `poor.${id}`, weight, when, section: '§23.1', source: 'common-practice', text, effects: [{ axis: 'tactic', against: { tactic, ...marks }, lift: 1 }] })

/** What each tactic does well and badly (handbook §23.1): the first choice of all. */
export const SHINES_RULES: readonly Rule[] = [
  shines('ticked', ['plug-ticked'], [GRASS, WARM], 0.8, 'Grass, fish that will chase: a plug ticked over the tops.'),
  shines('ticked-autumn', ['plug-ticked', 'plug-wound'], [AUTUMN, GRASS], 0.6, 'Autumn: plugs along the outside edge of the grass.'),
  poor('ticked-slow', ['plug-ticked', 'plug-ripped'], [GRASS, LETHARGIC], 1, 'Lethargic fish do not run down a plug over the grass.'),
  poor('ticked-cold', ['plug-ticked', 'plug-ripped'], [GRASS, CHILL], 0.8, 'Cold water: no plug hurried over the grass.'),
  { ...shines('ripped', ['plug-ripped'], [GRASS, WARM], 0.9, 'Warm water and grass: ripped free, the snatch makes the bite.'), school: { grass: 'rip' } },
  shines('bumped', ['plug-bumped'], [HARD_BOTTOM, MILD, NEAR_BOTTOM], 1, 'Hard bottom at its depth: bump it, stop, let it rise.'),
  shines('bumped-crayfish', ['plug-bumped'], [HARD_BOTTOM, CRUSTACEANS, MILD], 0.5, 'Where crayfish are eaten on rock: a plug that grubs along.'),
  poor('bumped-slow', ['plug-bumped', 'plug-wound', 'deep-crank'], [LETHARGIC, PRESSURED], 0.8, 'Slow, pressured fish let a crankbait go by.'),
  poor('cranks-chill', ['plug-wound', 'deep-crank', 'plug-bumped'], [CHILL], 0.5, 'In cold water a wound crankbait outruns them.'),
  shines('wood', ['plug-through-wood'], [WOOD, NOT_CLEAR, WARM], 0.9, 'Stained water and wood: a square lip popped over the branches.', { style: ['square-lip'] }),
  poor('wood-lips', ['plug-through-wood', 'plug-wound', 'deep-crank', 'plug-bumped'], [WOOD], 0.8, 'Long lips and open trebles hang up in wood.', { style: ['medium-diver', 'deep-diver', 'shallow'] }),
  shines('deep-crank', ['deep-crank'], [DEEP_FISH, AGGRESSIVE, WARM], 1, 'A fresh school off the shore: a deep crank on a long cast finds it.'),
  shines('deep-crank-summer', ['deep-crank', 'plug-bumped'], [DEEP_FISH, HOT_WATER, HARD_BOTTOM], 0.6, 'Summer ledges and bars: a crank that reaches the bottom.'),
  poor('deep-crank-worn', ['deep-crank'], [DEEP_FISH, PRESSURED], 0.9, 'A conditioned school has seen the crank: a worm or a dragged rig now.'),
  shines('hung', ['plug-hung'], [CHILL, WATCHABLE], 1.2, 'Cold water, sight enough: a plug left hanging in front of them.'),
  shines('hung-spot', ['plug-hung'], [CHILL, ONE_SPOT], 0.8, 'One known spot in cold water: it can wait there for half a minute.'),
  poor('hung-mud', ['plug-hung', 'plug-jerked'], [MUDDY], 1.4, 'In mud they cannot find a jerkbait.'),
  shines('jerked', ['plug-jerked'], [NOT_MUDDY, MILD, CLEAR], 0.9, 'Clear to lightly stained: darts and stops.'),
  shines('jerked-cool', ['plug-jerked'], [COOL, MILD, NOT_MUDDY], 0.6, 'Cool water: the jerkbait with its pauses.'),
  poor('jerked-weed', ['plug-jerked', 'plug-hung', 'plug-swum'], [{ feature: 'cover', any: ['pads', 'reeds'] }], 0.8, 'Thick weed: no open trebles hanging in it.'),
  shines('swum-night', ['plug-swum'], [NIGHT, SURF_WATER], 1.2, 'Night and shallow sea: a minnow plug swum slowly.'),
  shines('swum-slim', ['plug-swum'], [{ feature: 'silhouette', any: ['needle', 'slim'] }, SURF_WATER, SHALLOW_FISH], 0.6, 'Slim prey over shallow ground: a slim plug swum.'),
  shines('burned', ['blades-burned'], [CLEAR, AGGRESSIVE], 1.2, 'Clear water, active fish: small willows burned just under the surface.'),
  shines('burned-spawn', ['blades-burned', 'blades-wound'], [BAIT_SHOWN, SHALLOW_FISH], 0.7, 'Bait fish are crowding the bank: fast willow blades.'),
  poor('burned-cold', ['blades-burned'], [COOL], 1.2, 'Cool water is no time to burn blades.'),
  poor('burned-mud', ['blades-burned'], [MUDDY], 1.5, 'In mud a burned bait is never found.'),
  poor('burned-slow', ['blades-burned', 'metal-fast'], [LETHARGIC], 1.2, 'Slow fish do not run down what is burned.'),
  shines('rolled-mud', ['blades-slow-rolled'], [MUDDY], 1.1, 'Mud: big round blades rolled slowly past the cover.'),
  shines('rolled-wood', ['blades-slow-rolled'], [{ feature: 'cover', any: ['wood', 'brush', 'reeds'] }, NOT_CLEAR], 0.7, 'Wood, brush or reeds in stained water: blades rolled through.'),
  shines('rolled-night', ['blades-slow-rolled'], [NIGHT], 0.8, 'Night: round blades, slowly, that they can hear.'),
  shines('rolled-cool', ['blades-slow-rolled'], [COOL, NOT_CLEAR], 0.5, 'Cool stained water: blades, slowly.'),
  shines('blades-wind', ['blades-wound', 'blades-slow-rolled', 'bladed-jig'], [WINDY], 0.8, 'Wind on the water: blades.'),
  shines('blades-dull', ['blades-wound', 'bladed-jig'], [DULL, DAY, NOT_CLEAR], 0.5, 'Cloud over stained water: blades.'),
  shines('blades-autumn', ['blades-wound'], [AUTUMN], 0.5, 'Autumn: blades where the bait moves up.'),
  poor('blades-calm-clear', ['blades-wound', 'blades-slow-rolled', 'bladed-jig'], [CLEAR, CALM, BRIGHT], 1, 'Clear, calm and bright: they see too much of a spinnerbait.'),
  poor('blades-slow', ['blades-wound', 'bladed-jig'], [LETHARGIC], 0.9, 'Lethargic fish: blades go by.'),
  shines('bladed', ['bladed-jig'], [NOT_CLEAR, GRASS, WARM], 0.9, 'Stained water and grass: the bladed jig.'),
  shines('bladed-active', ['bladed-jig'], [AGGRESSIVE, NOT_CLEAR], 0.6, 'Aggressive fish in stained water: the bladed jig.'),
  poor('bladed-cold', ['bladed-jig'], [CHILL], 1, 'Cold and clear: the bladed jig is too much.'),
  poor('bladed-clear', ['bladed-jig'], [CLEAR, PRESSURED], 1, 'Finicky fish in clear water: the bladed jig is too much.'),
  shines('swim-jig', ['jig-swum'], [{ feature: 'cover', any: ['grass', 'reeds', 'pads', 'dock'] }, BAIT_FISH, WARM], 0.8, 'Bait fish in grass, reeds or docks: a jig swum.'),
  poor('swim-jig-cold', ['jig-swum'], [CHILL], 0.9, 'Cold water: swim nothing, drag it.'),
  shines('pitched', ['jig-pitched', 'weedless-dragged'], [HIDES, { feature: 'visibilityM', zeroAt: 2.5, oneAt: 1.2 }], 0.9, 'Single targets in cover: pitch to each.'),
  shines('pitched-mud', ['jig-pitched'], [HIDES, MUDDY], 0.7, 'Mud and cover: a bulky jig in front of each fish.'),
  shines('dragged', ['jig-dragged'], [HARD_BOTTOM, NEAR_BOTTOM], 0.6, 'Hard bottom: a jig dragged or hopped over it.'),
  shines('dragged-crayfish', ['jig-dragged', 'head-hopped'], [CRAWLERS, NEAR_BOTTOM, HARD_BOTTOM], 0.5, 'They eat what crawls: bait on the bottom.'),
  shines('dragged-school', ['jig-dragged', 'weedless-dragged', 'drop-shot'], [PRESSURED, DEEP_FISH], 0.7, 'A school that has seen everything: dragged rigs and worms.'),
  poor('dragged-suspended', ['jig-dragged', 'weedless-dragged', 'head-hopped', 'bait-lying', 'blades-hopped', 'metal-yo-yo', 'drop-shot', 'jig-pitched'], [SUSPENDED], 1.4, 'The fish hang well over the bottom: nothing on it reaches them.'),
  poor('dragged-weed', ['jig-dragged', 'head-hopped', 'blades-hopped', 'bait-lying', 'metal-yo-yo'], [GRASS], 0.8, 'Open hooks on a weedy bottom only gather weed.'),
  shines('wound-head', ['head-wound'], [BAIT_FISH, OPEN], 0.7, 'Bait fish over open ground: a paddle-tail wound on a head.', { family: ['paddle-tail', 'jighead-soft', 'grub', 'minnow-soft', 'soft-jerk'] }),
  shines('wound-head-suspended', ['head-wound', 'metal-counted', 'spoon-wound'], [SUSPENDED], 0.8, 'They hang in open water: what can be counted down to them and wound level.'),
  poor('wound-head-cover', ['head-wound', 'head-hopped'], [{ feature: 'cover', any: ['pads', 'wood', 'brush', 'mangrove'] }], 1, 'Open heads in pads and timber hang up.'),
  shines('hopped', ['head-hopped'], [NEAR_BOTTOM, { feature: 'cover', any: ['sand', 'gravel', 'open', 'clay', 'shell'] }], 0.7, 'Sand and gravel: a head hopped, most bites on the fall.'),
  shines('hopped-perches', ['head-hopped'], [PERCHES, NEAR_BOTTOM], 0.6, 'Fish of the bottom: a head hopped past their noses.'),
  shines('hopped-flat', ['head-hopped', 'bait-lying', 'drifted'], [FLAT_FEEDERS, NEAR_BOTTOM], 0.8, 'Bottom feeders: a soft bait on a head, along the sand.'),
  shines('lying', ['bait-lying'], [LETHARGIC, NEAR_BOTTOM], 0.9, 'Slow fish on the bottom: let it lie.'),
  shines('lying-cold', ['bait-lying'], [CHILL, NEAR_BOTTOM], 0.6, 'Cold fish: a small soft bait left lying.'),
  poor('lying-active', ['bait-lying'], [AGGRESSIVE], 1, 'Active fish: what lies still is not found.'),
  shines('stick', ['stick-falling'], [{ feature: 'cover', any: ['dock', 'pads', 'grass', 'reeds', 'wood'] }, SHALLOW_BOTTOM, WARM], 0.9, 'Docks and edges: a soft stick falling beside them.'),
  shines('stick-pressured', ['stick-falling', 'weedless-jerked'], [PRESSURED, SHALLOW_FISH, WARM], 0.8, 'Pressured shallow fish: the soft stick on a slack line.'),
  shines('stick-spawn', ['stick-falling'], [{ feature: 'phase', any: ['spawn', 'post-spawn', 'pre-spawn'] }, SHALLOW_FISH], 0.5, 'Round spawning: the soft stick falling.'),
  poor('stick-deep', ['stick-falling'], [DEEP_FISH], 1.3, 'Deep: an unweighted stick takes too long.'),
  poor('stick-current', ['stick-falling'], [{ feature: 'currentMs', zeroAt: 0.35, oneAt: 0.7 }], 0.9, 'A strong current sweeps an unweighted bait off before it is down.'),
  poor('stick-mud', ['stick-falling'], [MUDDY], 1, 'Mud: they do not find a quiet stick.'),
  poor('stick-windy', ['stick-falling'], [WINDY], 0.7, 'Wind takes the slack line: no soft stick.'),
  shines('weedless-jerked', ['weedless-jerked'], [{ feature: 'cover', any: ['grass', 'mangrove', 'reeds', 'wood', 'pads'] }, SHALLOW_FISH], 0.8, 'Shallow cover: a weedless soft bait twitched past it.'),
  poor('weedless-open-deep', ['weedless-jerked', 'belly-over-grass'], [DEEP_FISH], 1, 'Deep water: too light and too slow to get there.'),
  poor('weedless-open', ['weedless-jerked', 'belly-over-grass', 'weedless-dragged'], [{ feature: 'cover', none: ['grass', 'pads', 'reeds', 'wood', 'brush', 'mangrove', 'dock', 'kelp'] }], 1, 'Open water: a hidden hook only costs hook-ups.'),
  shines('weedless-dragged', ['weedless-dragged'], [{ feature: 'cover', any: ['brush', 'wood', 'grass', 'pads'] }], 0.6, 'Wood and weed: a weedless worm or creature crawled through.'),
  shines('worm-school', ['weedless-dragged'], [DEEP_FISH, NEUTRAL, BASS, NEAR_BOTTOM], 0.6, 'Deep summer fish: a big worm dragged.', { family: ['worm'] }),
  shines('belly', ['belly-over-grass'], [GRASS, { feature: 'warmthC', zeroAt: 13, oneAt: 18 }, SHALLOW_FISH], 0.9, 'Grass: a weedless swimmer just over the tips.'),
  shines('drop-shot', ['drop-shot'], [CLEAR, { feature: 'fishM', zeroAt: 2.5, oneAt: 5 }, NEAR_BOTTOM, AFLOAT], 1, 'Clear water, fish at 3–15 m by their targets: the drop shot.'),
  shines('drop-shot-pressured', ['drop-shot'], [PRESSURED, NEAR_BOTTOM], 0.6, 'Pressured fish: the drop shot stays in front of them.'),
  shines('drop-shot-slow', ['drop-shot'], [LETHARGIC, NEAR_BOTTOM], 0.5, 'Slow fish: a bait that hovers.'),
  poor('drop-shot-shallow', ['drop-shot'], [SHALLOW_BOTTOM, MUDDY], 1.2, 'Shallow mud: no drop shot.'),
  poor('drop-shot-weed', ['drop-shot'], [{ feature: 'cover', any: ['pads', 'reeds', 'grass'] }], 0.6, 'In weed the drop shot fouls.', { rig: ['drop-shot-nose', 'drop-shot-threaded'] }),
  poor('drop-shot-hunters', ['drop-shot', 'stick-falling', 'bait-lying'], [BIG_HUNTERS], 1.5, 'Big toothy hunters are not caught on finesse rigs.'),
  shines('surface-low-light', ['surface-walked', 'surface-popped', 'surface-wound'], [DUSKY, WARM, SHALLOW_FISH, CALM], 1.3, 'Low light, calm, warm, shallow: the surface.'),
  shines('surface-feeding', ['surface-walked', 'surface-popped', 'metal-fast'], [SURFACE_FEEDING], 1.2, 'They are feeding at the surface.'),
  shines('surface-rain', ['surface-wound'], [{ feature: 'sky', any: ['rain', 'overcast'] }, WARM, SHALLOW_FISH], 0.7, 'Warm rain: a buzzing bait over the shallows.'),
  shines('surface-night', ['surface-wound'], [NIGHT, SHALLOW_FISH, WARM], 0.7, 'A warm night: a bait that leaves a wake.'),
  shines('surface-active', ['surface-walked', 'surface-popped'], [AGGRESSIVE, { feature: 'fishFromM', zeroAt: 0.8, oneAt: 0.2 }, WARM], 0.8, 'Active fish right under the surface: walk it.'),
  poor('surface-cold', ['surface-walked', 'surface-popped', 'surface-frog', 'surface-wound'], [CHILL], 2, 'Cold water: nothing comes to the surface.'),
  poor('surface-cool', ['surface-walked', 'surface-popped', 'surface-frog', 'surface-wound'], [COOL], 0.8, 'Under about 15 °C the surface is a long shot.'),
  poor('surface-deep', ['surface-walked', 'surface-popped', 'surface-frog', 'surface-wound'], [{ feature: 'fishFromM', zeroAt: 0.6, oneAt: 1.5 }], 1.5, 'The fish are too deep to come up.'),
  poor('surface-rough', ['surface-walked', 'surface-popped', 'surface-frog'], [{ feature: 'windMs', zeroAt: 6, oneAt: 10 }], 1, 'Rough water: a surface bait is lost in it.'),
  poor('surface-noon', ['surface-walked', 'surface-popped', 'surface-wound'], [BRIGHT, { feature: 'sunAltitudeDeg', zeroAt: 15, oneAt: 35 }, NEUTRAL], 0.8, 'The sun is up: the surface goes off.'),
  poor('surface-slow', ['surface-walked', 'surface-wound'], [LETHARGIC], 1.2, 'Lethargic fish do not come up for it.'),
  shines('frog', ['surface-frog'], [PADS, { feature: 'temperatureC', zeroAt: 16, oneAt: 21 }], 1.5, 'Pads and mats in warm water: the frog.'),
  shines('frog-food', ['surface-frog'], [FROGS], 0.7, 'Frogs are about.'),
  poor('frog-open', ['surface-frog'], [{ feature: 'cover', none: ['pads', 'reeds', 'grass'] }], 1.8, 'No mat, no frog.'),
  shines('metal-fast', ['metal-fast'], [AGGRESSIVE, SALT, SHALLOW_FISH], 1.2, 'Surface feeders in salt water: metal, fast.'),
  shines('metal-distance', ['metal-fast', 'metal-counted'], [ASHORE, { feature: 'water', any: ['sea', 'surf'] }, OPEN], 0.6, 'From the shore over open water: metal for distance.'),
  poor('metal-bottom-feeders', ['metal-fast'], [{ feature: 'habit', any: ['bottom'] }], 1.2, 'Bottom feeders do not run up after fast metal.'),
  poor('metal-night', ['metal-fast', 'metal-counted'], [NIGHT], 1, 'Metal flashes nothing at night.'),
  shines('metal-counted', ['metal-counted', 'spoon-wound', 'spinner-wound'], [SALMONIDS, STILL_WATER], 0.7, 'Cruising trout, depth unknown: metal counted down in a fan.'),
  poor('metal-cover', ['metal-counted', 'metal-fast', 'metal-yo-yo', 'spoon-wound', 'spinner-wound', 'flutter-cast'], [{ feature: 'cover', any: ['wood', 'brush', 'mangrove', 'pads'] }], 0.9, 'Open trebles on metal in thick cover stay there.'),
  shines('blade-hopped', ['blades-hopped', 'vertical-lift'], [COOL, NEAR_BOTTOM], 0.9, 'Cold to cool water: a blade lifted a little and dropped.', { family: ['blade-bait'] }),
  shines('blade-deep', ['blades-hopped', 'vertical-lift'], [CHILL, DEEP_BOTTOM, NEAR_BOTTOM], 0.6, 'Deep cold basin: a blade, small lifts.', { family: ['blade-bait'] }),
  shines('spoon-hunters', ['spoon-wound'], [BIG_HUNTERS], 0.6, 'Pike and their like: the spoon.'),
  shines('spinner-river', ['spinner-wound'], [RIVER, SALMONIDS], 0.9, 'A river and trout: the spinner.'),
  shines('spinner-perch', ['spinner-wound'], [PERCHES, SHALLOW_FISH], 0.4, 'Perch in the shallows: a spinner.'),
  shines('spinner-stained', ['spinner-wound'], [NOT_CLEAR, SALMONIDS], 0.4, 'Coloured water: what turns and thumps is found.'),
  poor('spoon-mud', ['spoon-wound', 'metal-counted'], [MUDDY], 1, 'Mud: flash alone is not found.'),
  shines('flutter', ['flutter-under', 'flutter-cast'], [HOT_WATER, DEEP_FISH, SCHOOLED], 1.5, 'Hot, deep and schooled: a flutter spoon falling through them.'),
  shines('flutter-hot', ['flutter-under', 'flutter-cast'], [HOT_WATER, DEEP_FISH], 1, 'Hot and deep: the erratic fall beats what follows.'),
  shines('flutter-big-prey', ['flutter-under', 'flutter-cast'], [LARGE_PREY], 0.8, 'Large deep-bodied prey: a large spoon fluttering.'),
  shines('flutter-docks', ['flutter-cast'], [DOCKS, { feature: 'phase', any: ['pre-spawn', 'autumn'] }], 0.9, 'Dock ends before spawning and in autumn: the flutter spoon.'),
  poor('flutter-weed', ['flutter-under', 'flutter-cast'], [GRASS], 0.8, 'A flutter spoon in weed gathers it.'),
  poor('flutter-small', ['flutter-under', 'flutter-cast'], [TINY], 1, 'The prey is tiny: a large spoon is out of place.'),
  shines('vertical-fast', ['vertical-fast'], [AGGRESSIVE, VERY_DEEP, AFLOAT], 1.2, 'Deep and active under the boat: metal worked fast.'),
  shines('vertical-slow', ['vertical-slow'], [{ feature: 'mood', any: ['lethargic', 'neutral'] }, VERY_DEEP, AFLOAT], 0.8, 'Deep and slow under the boat: metal that flutters.'),
  shines('vertical-slow-mood', ['vertical-slow'], [LETHARGIC, AFLOAT], 0.8, 'A slow bite: short lifts and a long flutter.'),
  { id: 'shines.vertical-school-fast', weight: 1.5, when: [], section: '§19', source: 'common-practice', school: { vertical: 'fast' }, text: 'Vertical metal fast.', effects: [{ axis: 'tactic', favours: { tactic: ['vertical-fast'] }, lift: 1 }] },
  { id: 'shines.vertical-school-slow', weight: 1.5, when: [], section: '§19', source: 'common-practice', school: { vertical: 'slow' }, text: 'Vertical metal slowly.', effects: [{ axis: 'tactic', favours: { tactic: ['vertical-slow'] }, lift: 1 }] },
  { id: 'shines.vertical-school-long', weight: 3, when: [], section: '§19', source: 'common-practice', school: { vertical: 'long-fall' }, text: 'The long fall: lift high, drop on slack.', effects: [{ axis: 'tactic', favours: { tactic: ['vertical-long'] }, lift: 1 }] },
  poor('vertical-shallow', ['vertical-fast', 'vertical-slow', 'vertical-long', 'vertical-lift', 'flutter-under'], [{ feature: 'bottomM', zeroAt: 8, oneAt: 4 }], 1.8, 'Less than about 6 m: no metal under the boat.'),
  shines('vertical-sonar', ['vertical-lift', 'vertical-slow', 'drop-shot', 'flutter-under'], [{ feature: 'signs', any: ['fish-on-sonar'] }, AFLOAT], 0.9, 'Fish seen below the boat: drop on them.'),
  shines('needle', ['needle-held'], [SURF_WATER, NIGHT], 1.2, 'Surf at night: a loaded needle held down in it.'),
  shines('needle-current', ['needle-held'], [CURRENT, SALT], 0.9, 'Strong current and slim prey: the needle held low.'),
  shines('needle-rough', ['needle-held'], [ROUGH_SURF], 0.8, 'Rolling water: a heavy needle stays in it.'),
  poor('needle-pond', ['needle-held'], [STILL_WATER], 1.5, 'Still clear water: not a needle’s place.'),
  shines('fly-tiny', ['fly-behind-spoon', 'fly-on-dropper'], [TINY], 1.2, 'Prey this small: only a fly is small enough.'),
  shines('fly-insects', ['fly-on-dropper', 'fly-behind-spoon'], [INSECTS, SALMONIDS], 0.8, 'They take insects: the fly.'),
  shines('fly-smelt', ['fly-behind-spoon'], [SALMONIDS, { feature: 'forage', any: ['smelt', 'minnow', 'whitebait'] }], 0.5, 'Smelt and small fry: a streamer behind a spoon.'),
  poor('fly-cover', ['fly-behind-spoon', 'fly-on-dropper'], [{ feature: 'cover', any: ['wood', 'brush', 'pads', 'mangrove', 'grass'] }], 0.8, 'Cover: the dropper hangs up.'),
  poor('fly-mud', ['fly-behind-spoon', 'fly-on-dropper'], [MUDDY], 1.2, 'Mud: nobody finds a fly.'),
  shines('drifted', ['drifted'], [CURRENT, NEAR_BOTTOM, { feature: 'cover', any: ['sand', 'gravel', 'open', 'current-seam'] }], 0.7, 'Current over clean ground: let it drift along the bottom.'),
  shines('trolled', ['trolled-plug', 'trolled-spoon', 'trolled-spinner'], [AFLOAT, OPEN_WATER, SUSPENDED, { feature: 'bottomM', zeroAt: 6, oneAt: 10 }], 1.2, 'Scattered fish in open water: troll.'),
  shines('trolled-scattered', ['trolled-plug', 'trolled-spoon', 'trolled-spinner'], [{ feature: 'grouping', any: ['scattered'] }, OPEN_WATER], 0.7, 'They are scattered: cover water behind the boat.'),
  poor('trolled-cover', ['trolled-plug', 'trolled-spoon', 'trolled-spinner'], [{ feature: 'cover', any: ['wood', 'brush', 'pads', 'reeds', 'mangrove', 'dock', 'kelp'] }], 2, 'No trolling through timber and weed.'),
  poor('trolled-crowd', ['trolled-plug', 'trolled-spoon', 'trolled-spinner'], [{ feature: 'crowd', any: ['many'] }], 1.2, 'No trolling through a crowd.'),
  poor('trolled-shallow', ['trolled-plug', 'trolled-spoon', 'trolled-spinner'], [{ feature: 'bottomM', zeroAt: 4.5, oneAt: 2.5 }], 1.2, 'Too shallow to troll over.'),
  shines('umbrella', ['umbrella'], [CLEAR, SUSPENDED, OPEN_WATER], 1.2, 'Schools of bait in clear open water: the umbrella rig.'),
  shines('umbrella-cool', ['umbrella'], [COOL, OPEN_WATER, BAIT_FISH], 0.7, 'Cool water and schools of bait: the umbrella rig.'),
  poor('umbrella-cover', ['umbrella'], [{ feature: 'cover', any: ['grass', 'pads', 'reeds', 'wood', 'brush', 'dock', 'mangrove'] }], 2, 'An umbrella rig in weed or wood is lost.'),
  poor('umbrella-shallow', ['umbrella'], [SHALLOW_BOTTOM], 1.2, 'Too shallow for a bunch of lures.'),
  poor('hidden-drop-shot', ['drop-shot'], [{ feature: 'cover', none: ['grass', 'pads', 'reeds', 'wood', 'brush', 'mangrove', 'kelp'] }], 1, 'Open water: the nose-hooked or threaded bait on a drop shot, for the action and the hook-up.', { rig: ['drop-shot-weedless'] }),
  shines('nose-hooked', ['drop-shot'], [OPEN], 0.4, 'Open water: nose-hooked moves most.', { rig: ['drop-shot-nose'] }),
  poor('nose-hooked-short', ['drop-shot'], [{ feature: 'shortStrikes', any: ['yes'] }], 1.5, 'They nip short: thread it instead.', { rig: ['drop-shot-nose'] }),
  shines('underspin', ['head-wound'], [{ feature: 'visibilityM', zeroAt: 2, oneAt: 1 }, OPEN], 0.7, 'Cloudy water: a small blade under the head.', { rig: ['underspin'] }),
  poor('underspin-clear', ['head-wound'], [CLEAR], 0.8, 'Clear water needs no blade under the head.', { rig: ['underspin'] }),
  poor('sliding', ['weedless-dragged'], [HIDES], 1.2, 'In cover the sinker is pegged at the nose, not left to slide.', { rig: ['sliding-sinker'] }),
  poor('lipless-weed', ['lipless-wound'], [GRASS], 1, 'In grass it is ticked or ripped, not wound through.'),
  shines('lipless-search', ['lipless-wound'], [NOT_CLEAR, AGGRESSIVE], 0.6, 'To search coloured flats: a rattling plug, fast.'),
  poor('lipless-clear', ['lipless-wound', 'plug-ticked'], [CLEAR, PRESSURED], 0.8, 'Clear and pressured: they have heard it.', { family: ['lipless-crank'] }),
  shines('speed-jig-fast', ['vertical-fast'], [AFLOAT], 0.7, 'A long slim jig works on its way up.', { family: ['speed-jig'] }),
  poor('speed-jig-slow', ['vertical-slow'], [AFLOAT], 0.7, 'A long slim jig does little when it is let flutter.', { family: ['speed-jig'] }),
  shines('slow-jig-slow', ['vertical-slow'], [AFLOAT], 0.6, 'A short flat jig flutters on the way down.', { family: ['slow-jig'] }),
  shines('swum-night-fresh', ['plug-swum'], [NIGHT, SHALLOW_FISH], 0.8, 'Night shallows: a plug swum slowly and evenly, so that they can follow it.'),
  poor('trolled-bass', ['trolled-plug', 'trolled-spoon', 'trolled-spinner'], [BASS], 0.8, 'Bass on their places are cast to, not trolled for.'),
  poor('trolled-places', ['trolled-plug', 'trolled-spoon', 'trolled-spinner'], [{ feature: 'cover', any: ['rock', 'gravel', 'shell', 'clay', 'boulders'] }, NEAR_BOTTOM], 0.8, 'Fish tight to the bottom at a place are cast to.'),
  poor('trebles-pads', ['plug-wound', 'plug-ticked', 'plug-ripped', 'plug-jerked', 'plug-hung', 'plug-swum', 'plug-bumped', 'deep-crank', 'lipless-wound', 'spoon-wound', 'spinner-wound', 'surface-walked', 'surface-popped', 'umbrella', 'flutter-cast', 'metal-fast', 'metal-counted', 'blades-hopped'], [PADS], 1, 'Open trebles in pads and reeds hang up on every cast.'),
  poor('trebles-mangrove', ['plug-wound', 'plug-jerked', 'plug-swum', 'lipless-wound', 'plug-bumped'], [{ feature: 'cover', any: ['mangrove'] }], 0.8, 'Open trebles among mangrove roots stay there.'),
  poor('trebles-floating-grass', ['plug-jerked', 'plug-swum', 'lipless-wound', 'surface-walked', 'plug-wound'], [GRASS, { feature: 'bottomM', zeroAt: 1.6, oneAt: 0.9 }], 0.8, 'Grass to the top: open trebles gather it.'),
  poor('metal-let-down', ['metal-fast', 'metal-counted'], [AFLOAT, { feature: 'fishFromM', zeroAt: 8, oneAt: 12 }], 1, 'From a boat over deep fish metal is let down, not cast.'),
  poor('vertical-high-fish', ['vertical-fast', 'vertical-slow', 'vertical-long'], [{ feature: 'fishToM', zeroAt: 8, oneAt: 5 }], 1.2, 'The fish are high: cast to them, do not drop past them.'),
  shines('bank-distance', ['metal-counted'], [ASHORE, OPEN_WATER, { feature: 'bottomM', zeroAt: 4, oneAt: 7 }], 0.7, 'From the bank over open water: what flies far.'),
  { id: 'shines.small-water', weight: 1, when: [RIVER, { feature: 'bottomM', zeroAt: 1.2, oneAt: 0.7 }], section: '§22', source: 'common-practice', text: 'A small stream: small lures.', effects: [{ axis: 'length', atMost: 42, half: 55, lift: 1 }] },
  { id: 'shines.heavy-in-current', weight: 1, when: [{ feature: 'currentMs', zeroAt: 0.6, oneAt: 1.1 }, SALT], section: '§5', source: 'common-practice', text: 'The strongest tides want the heaviest: 85 g and more.', effects: [{ axis: 'kind', favours: { weightG: [70, 400] }, lift: 1, within: ['pencil', 'hair-jig', 'slow-jig', 'speed-jig'] }] },
  { id: 'shines.light-in-slack', weight: 1, when: [{ feature: 'currentMs', zeroAt: 0.3, oneAt: 0.1 }, AFLOAT], section: '§8', source: 'common-practice', text: 'Slack water: the light jig falls best and tires nobody.', effects: [{ axis: 'kind', against: { weightG: [160, 1000] }, lift: 1 }] },
  shines('heavy-jig-reaction', ['jig-dragged', 'jig-pitched'], [AGGRESSIVE, { feature: 'fishFromM', zeroAt: 3, oneAt: 4.5 }], 0.7, 'Eager deep fish: a heavy jig dropped on them gets a reaction.', { weightG: [18, 30] }),
  poor('trout-worms', ['stick-falling', 'weedless-dragged', 'weedless-jerked'], [SALMONIDS], 1, 'Trout and salmon are not caught on the rigs of bass.'),
  shines('big', ['big-bait'], [LARGE_PREY], 0.9, 'Large prey: a large bait to find large fish.'),
  poor('wound-cold-bottom', ['spinner-wound', 'spoon-wound', 'metal-counted', 'plug-wound', 'blades-wound', 'bladed-jig'], [PERCHES, NEAR_BOTTOM, { feature: 'temperatureC', zeroAt: 12, oneAt: 8 }], 0.8, 'Cold perch, walleye and zander lie on the bottom: what is wound goes by over them.'),
  { id: 'shines.light-in-shallows', weight: 1, when: [{ feature: 'bottomM', zeroAt: 4.5, oneAt: 2.5 }, { feature: 'currentMs', zeroAt: 0.7, oneAt: 0.4 }], section: '§6', source: 'common-practice', text: 'Shallow water: jigs of 2 to 10 g; a heavy one only ploughs.', effects: [{ axis: 'kind', against: { family: ['hair-jig', 'jighead-soft', 'blade-bait', 'slow-jig', 'speed-jig'], weightG: [18, 1000] }, lift: 1.5 }] },
  shines('dressed-spinner', ['spinner-wound'], [BIG_HUNTERS, WARM, SHALLOW_FISH], 0.9, 'Warm shallows and big hunters: a large dressed spinner wound over the weed.', { lengthMm: [120, 400] }),
  shines('hunters-cold', ['plug-hung', 'big-bait', 'plug-jerked'], [BIG_HUNTERS, { feature: 'temperatureC', zeroAt: 11, oneAt: 7 }], 0.7, 'Big hunters in cold water: a large bait that hangs or creeps.', { lengthMm: [100, 400] }),
  poor('lift-high-fish', ['vertical-lift'], [{ feature: 'fishToM', zeroAt: 8, oneAt: 5 }], 0.8, 'High fish shy from what hangs above them: cast to them.'),
  poor('fast-bottom-fish', ['vertical-fast'], [{ feature: 'habit', any: ['bottom'] }, { feature: 'mood', none: ['aggressive'] }], 0.7, 'Fish that sit on the bottom are not called up by metal worked fast.'),
  shines('big-hunters', ['big-bait', 'head-wound'], [BIG_HUNTERS], 0.7, 'Big hunters: big soft and jointed baits.', { lengthMm: [140, 400] }),
  poor('big-commit', ['big-bait'], [{ feature: 'signs', any: ['followers-seen'] }], 1, 'Big baits draw follows and few bites.'),
  poor('big-small-prey', ['big-bait', 'umbrella'], [TINY], 1.5, 'The prey is tiny.'),
  shines('pre-spawn', ['plug-wound', 'plug-bumped', 'blades-slow-rolled', 'bladed-jig', 'jig-pitched', 'jig-dragged'], [PRE_SPAWN, NOT_CLEAR, BASS], 0.4, 'Before spawning: what thumps and shakes along the way in.'),
  shines('sand', ['head-hopped', 'bait-lying', 'metal-counted'], [SANDY, SALT, NEAR_BOTTOM], 0.4, 'Sand flats: low and slow.'),
]
