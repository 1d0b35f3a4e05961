/** Lift over drag, positive up: blades and plates lift, plain bodies do not; a slender needle planes on its line (assumed). From memory; bladed 0.15–0.3. */
export const LIFT_RATIO: Partial<Record<string, number>> = {
  'spinnerbait': 0.3,
  'bladed-jig': 0.2,
  'inline-spinner': 0.15,
  'casting-spoon': 0.15,
  'flutter-spoon': 0.3,
  'umbrella-rig': 0.2,
  'pencil': 0.25,
}
/** A sinking bait holds the bottom with this share of the criterion's weight. Assumed: the criterion is made for bait and jig together in a drift. */
export const BOTTOM_SHARE = 0.5
