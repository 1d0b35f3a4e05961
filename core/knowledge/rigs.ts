import type { Rig } from '#core/terms'

/** How each rig is put together and what it is for, in a sentence or two. Common practice, no source (trade §6, §7, §14). */
export const RIG_TEXT: Record<Rig, string> = {
  'direct': 'Knotted straight to the eye: nothing beside the lure to weigh it down. For light lures and single hooks.',
  'snap':
    'In a rounded snap: the lure swings freely and is changed in seconds. Small and strong; a clumsy one kills the action.',
  'wacky':
    'A soft stick hooked through the middle: both ends tremble as it falls. Nearly without weight, for fish that can see it.',
  'wacky-weighted':
    'The same with a small weight in one end or on the hook: it falls nose first and shivers on the pull.',
  'weedless': 'An offset hook whose point lies in the body, and no weight: it slides over weed and through branches.',
  'belly-weighted':
    'An offset hook with lead on its shank: it swims level and falls level, still with the point hidden.',
  'bullet-weedless':
    'A pointed sinker that slides on the line before a hidden hook: goes through weed and wood, along the bottom. Peg the sinker where it is thick.',
  'threaded-head': 'A soft bait threaded straight on a head with an open hook: hooks best, snags first.',
  'mushroom-head': 'A flat-faced head on which the bait stands up from the bottom.',
  'underspin': 'A head with a small blade under it: flash beneath a swimming soft bait.',
  'drop-shot-nose':
    'The hook stands out of the line above the weight, the bait held by its nose: it hovers at one height and quivers in place.',
  'drop-shot-threaded': 'The same with the bait threaded on: for short leaders and bites at the tail.',
  'drop-shot-weedless': 'The same with the point hidden, for weed and wood.',
  'three-way':
    'A three-way swivel: weight on the short dropper, the bait on a leader that the stream holds off the bottom.',
  'dropper':
    'Small baits on short droppers over a weight: more than one depth at a time. Mind how many hooks are allowed.',
  'spoon-and-fly': 'A spoon without hooks takes a small fly out and calls for it. The fly follows on a leader.',
  'sliding-sinker': 'A sinker that slides before a swivel, then a long leader: the bait drifts and rises behind it.',
  'jig-and-trailer': 'A skirted or hair jig with a soft trailer on its hook: the trailer sets bulk, fall and kick.',
  'blade-and-trailer': 'A spinnerbait or bladed jig with a trailer: bulk, lift and a slower pace.',
  'umbrella': 'Several baits on wires: a small shoal. Heavy; count the hooks that are allowed.',
  'vertical': 'Let down under the rod: metal and jigs over fish that are seen or known to be there.',
}
