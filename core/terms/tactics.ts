/** What is chosen first: the tactics of the trade (handbook §23.1), a bait and how it is worked in one word. */
export type TacticId =
  | 'plug-ticked' | 'plug-ripped' | 'plug-bumped' | 'plug-through-wood' | 'plug-wound' | 'deep-crank' | 'plug-hung' | 'plug-jerked' | 'plug-swum'
  | 'blades-burned' | 'blades-slow-rolled' | 'blades-wound' | 'bladed-jig' | 'jig-swum' | 'jig-pitched' | 'jig-dragged'
  | 'head-wound' | 'head-hopped' | 'bait-lying' | 'stick-falling' | 'weedless-jerked' | 'weedless-dragged' | 'belly-over-grass' | 'drop-shot'
  | 'surface-walked' | 'surface-popped' | 'surface-frog' | 'surface-wound' | 'metal-fast' | 'metal-counted' | 'metal-yo-yo' | 'lipless-wound' | 'blades-hopped'
  | 'spoon-wound' | 'spinner-wound' | 'flutter-cast' | 'flutter-under' | 'vertical-fast' | 'vertical-slow' | 'vertical-long' | 'vertical-lift'
  | 'needle-held' | 'fly-behind-spoon' | 'fly-on-dropper' | 'drifted' | 'trolled-plug' | 'trolled-spoon' | 'trolled-spinner' | 'umbrella' | 'big-bait'
