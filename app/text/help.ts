/** The words of the trade, and Ygrion's few own ones, each in a sentence. */
export const TRADE_WORDS = {
  'action': 'How a lure itself moves: wobble, roll, kick, dart, glide, flutter, quiver, or not at all.',
  'assumed':
    'A figure that is typical of the kind and was not measured on yours. It is hatched everywhere; test the lure and it turns to brass.',
  'blank': 'A cell of what could be tried that nobody has fished yet. Nothing is known of it, good or bad.',
  'cadence': 'The rhythm of winding, jerking and pausing.',
  'clean-up': 'A slower, smaller or quieter lure that takes more fish once a search lure has found them.',
  'conditioned fish': 'Fish that have seen the same lure too often and turn away from it.',
  'contact': 'Anything that shows a fish was there: a follow, a peck, a hit, a fish hooked, lost or landed.',
  'count-down':
    'Letting a sinking lure fall for so many seconds before winding. Depth is fall rate times seconds, so only a tested fall rate gives a true depth.',
  'course': 'The way of the lure through the water, from the splash to the rod tip.',
  'coverage': 'How many of the readings that may come your box has a good answer to.',
  'dead-stick': 'Leaving the lure still, on the bottom or hanging, for longer than feels right.',
  'effort': 'The hours or casts behind a rate. Three fish in one hour say less than twelve in four.',
  'fall rate':
    'How fast it sinks on a slack line, in metres or feet a second. With the weight it is the most important fact of a jig.',
  'flash': 'Light that a blade, a scale or a flank throws as the lure moves.',
  'forage': 'What the fish eat there now, and how long it is. Lures are matched to it, or set against it on purpose.',
  'hang':
    'To stay where it is on the pause, neither rising nor sinking. It holds for one water temperature: colder water is denser.',
  'honest pair':
    'Two lures that differ in one thing, fished by turns with the casts counted, until the difference is sure or there is none.',
  'interval': 'Where the true rate lies, nine times in ten. A wide one means little is known.',
  'must-take': 'A thing that goes along whatever the planner thinks of it. Leave-home is the contrary.',
  'presence': 'The bulk that a fish notices: body, skirt, trailer and blades together.',
  'pressure': 'How much a place is fished. Pressed fish want smaller, quieter, slower.',
  'proven gap': 'How much better the best possible pack could at most be. At 0 % none is better.',
  'reading':
    'The water as it stands now: species, season, temperature, visibility, stain, light, wind, current, depth, cover, forage and mood.',
  'running depth':
    'How deep a diving lure gets on this line and length of cast. Thinner line and a longer cast take it deeper.',
  'school': 'A way of thinking where good anglers disagree. Each can be switched, and the order shows what it changes.',
  'search lure': 'One that covers water fast and finds the fish that will bite.',
  'set-up': 'Lure, trailer, hook, rod, line and the way of fishing it, taken as one.',
  'shrinkage':
    'Rates of little effort are drawn towards the rate of all, so that three lucky bites do not crown a lure.',
  'speed window': 'From the speed at which the lure starts to work to the one at which it rolls over.',
  'stain':
    'The colour of the water: clear, green with algae, brown as tea, grey or yellow with clay. It decides which colours a fish can still see.',
  'stint': 'The time with one set-up at one place. Its minutes and casts are the effort.',
  'stock': 'How many of one lure you have. A lost one is taken off.',
  'tested': 'Measured by you, on your lure. A brass line stands under it.',
  'tear test': 'How many pulls on the hook a soft bait stands before it tears.',
  'trailer': 'The soft bait on the hook of a jig, bladed jig or spinnerbait. It sets bulk, fall and kick.',
  'vibration': 'The thump that a fish feels before it sees the lure.',
  'visibility': 'How far down a white disc, or your lure, can still be seen from above.',
} as const
export type TradeWord = keyof typeof TRADE_WORDS

/** What a page answers, how it is used, and which words on it may be new. */
export interface PageHelp {
  readonly answers: string
  readonly use: readonly string[]
  readonly words: readonly TradeWord[]
}

/** By the first part of the path. */
export const PAGE_HELP: Readonly<Record<string, PageHelp>> = {
  '': {
    answers: 'What to tie on now, and why.',
    use: [
      'Tap a figure in the strip at the top to change the water; the order follows at once.',
      'Open a set-up: how to rig it, how to fish it, what speaks for it and against it, and how each figure is known.',
      'The cut shows the way of the lure through the water; hatched figures are worth a bench test.',
      '“Where does it stand?” finds any lure of yours in this order. The small mark behind a sentence is where it comes from: ° common practice, † published, ? assumed, ✎ your own log.',
    ],
    words: [
      'reading',
      'set-up',
      'visibility',
      'stain',
      'forage',
      'presence',
      'vibration',
      'flash',
      'search lure',
      'clean-up',
      'course',
      'school',
      'tested',
      'assumed',
    ],
  },
  'trip': {
    answers: 'What the bites say, and which one thing to change next.',
    use: [
      'Begin with a set-up. Tap what happens; each tap is stored before it is shown. All of it is taken back in its order.',
      'Slower, a longer pause, a smaller trailer: what is changed in the hand is one tap too, and begins a stint of its own.',
      'A follow, a hit and the same fish landed are one fish. Details can wait until the hands are dry: tap an event to add them.',
      'When a change is due, the card names one thing to change and why; when too little is known it says so.',
    ],
    words: [
      'stint',
      'contact',
      'effort',
      'cadence',
      'dead-stick',
      'count-down',
      'conditioned fish',
      'honest pair',
      'blank',
      'clean-up',
    ],
  },
  'pack': {
    answers: 'What goes along tomorrow, and which rods are rigged.',
    use: [
      'Plan for a day: a few likely readings, each with a weight that you may change.',
      'Set the limits: rods, lures, slots, weight to carry. Lock what must go along or stay at home.',
      'A second angler has likely waters of his own: his fish, his place.',
      'Leaders, snaps and hooks stand below the lures, with spares and what of yours will do.',
      'Swap by hand to see what it costs; print and tick the list; start the trip from it.',
    ],
    words: ['reading', 'coverage', 'must-take', 'proven gap', 'trailer', 'clean-up'],
  },
  'logbook': {
    answers: 'What worked, where and when, with how much effort, and how sure that is.',
    use: [
      'Open a trip to mend it; join two that were one.',
      'Rates stand with their interval and the effort behind them.',
      'What explains it holds each condition against what your lures would have drawn without it, and each choice against the conditions.',
      'Days like this finds the nearest readings and tells what worked on them.',
      'A day that was not logged is written down from memory; a stretch that was forgotten is added on the day’s own page.',
      'Three sentences on each day and year say what is believed now, how sure that is, and what a day of trying would tell.',
    ],
    words: ['stint', 'contact', 'effort', 'interval', 'shrinkage', 'blank'],
  },
  'box': {
    answers: 'What you have, what is known of each lure, and where it lies.',
    use: [
      'Type a kind and a weight to add one: fractions of an ounce will do, and what is left out is assumed from the kind.',
      'Search in words: “28g gold spinnerbait pike”.',
      'In and out takes a spreadsheet as it is, or a pasted list, one thing a line: lures, heads, hooks and rods, all in one if you keep them so. Words that were not understood are said once, for all like rows.',
      'Drag lures between slots, or pick one with the keys; many at once can be changed from the bar below.',
    ],
    words: ['stock', 'running depth', 'fall rate', 'action', 'trailer', 'coverage', 'tested', 'assumed'],
  },
  'bench': {
    answers: 'What a lure truly weighs, how fast it falls, how deep and at what speeds it works.',
    use: [
      'Choose a lure and a test; the steps stand beside the clock.',
      'Five drops give a fall rate with its spread; a bad one can be struck out.',
      'What is tested takes the place of what was assumed everywhere at once.',
    ],
    words: ['fall rate', 'running depth', 'speed window', 'hang', 'tear test', 'tested', 'assumed'],
  },
  'colours': {
    answers: 'Which colours a fish can still see in this water, at this depth and in this light.',
    use: [
      'Change stain, visibility or depth in the strip; the swatches follow.',
      'Look from the side, from below or by night.',
    ],
    words: ['stain', 'visibility', 'flash'],
  },
  'waters': {
    answers: 'What your home waters are like, and how readings change over the year.',
    use: [
      'Add a water with its place; the sun and the season then come of themselves.',
      'Write a reading down: it comes back as last time.',
    ],
    words: ['reading', 'visibility', 'stain', 'forage'],
  },
  'rules': {
    answers:
      'What is done with which bait, which rules the judgement uses and where they come from, and what changes if you think otherwise.',
    use: [
      'Tactics are drawn as they go through the water; those for the water on the strip stand first, with your best lure for each.',
      'A rule that speaks shows what it lifts and sinks in your box, the first lure of the order at the left.',
      'Switch a school or a rule off, or make it count for more; the order beside shows what moves.',
      'Add rules of your own; they have no more weight than they can bear.',
    ],
    words: ['school', 'reading', 'pressure', 'search lure', 'clean-up', 'presence'],
  },
  'sums': {
    answers: 'The sums that anglers do by feel: depth, line out, ballast, leader, drag.',
    use: ['Type in either system, fractions too. Each result names its method and how far to trust it.'],
    words: ['count-down', 'fall rate', 'running depth', 'hang'],
  },
  'keep': {
    answers: 'Where your things are kept, and how not to lose them.',
    use: [
      'Make a backup now and then and keep the file elsewhere.',
      'To put one back, look at what it holds first; what was here is put aside on this device.',
      'Rows that are damaged are set aside whole, and can be mended here.',
    ],
    words: ['stock'],
  },
}

/** The help for a path: that of its first part. */
export const helpFor = (path: string): PageHelp => PAGE_HELP[path.split('/')[1] ?? ''] ?? PAGE_HELP['']!
