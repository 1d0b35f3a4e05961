import type { ActionStyle } from '#core/terms'

/** From where a movement is best shown. */
export type ActionView = 'above' | 'side' | 'front'

/** How lures of one action move, to be told and drawn. Common practice, no source; the shapes are assumed: they show which is wider or quicker, not how much. */
export interface ActionRow {
  readonly label: string
  readonly text: string
  readonly view: ActionView
  /** Half-width of its way over the length of the drawing, 0..0.5. */
  readonly width: number
  /** Swings over the length of the drawing. */
  readonly swings: number
  /** `smooth`: a wave; `broken`: straight from turn to turn. */
  readonly turns: 'smooth' | 'broken'
  /** What swings: all of it on its way, all of it as it falls, a part of it behind a body that goes straight, or the body about its own length. */
  readonly moves: 'on its way' | 'falling' | 'a part' | 'about itself'
}

export const ACTION_TABLE: Record<ActionStyle, ActionRow> = {
  'wobble': {
    label: 'wobble',
    text: 'The whole body swings from side to side, wide and felt far off. Warm, coloured water and active fish.',
    view: 'above',
    width: 0.26,
    swings: 4,
    turns: 'smooth',
    moves: 'on its way',
  },
  'tight-wobble': {
    label: 'tight wobble',
    text: 'The same, narrow and quick. Cold, clear water and fish that hang back.',
    view: 'above',
    width: 0.1,
    swings: 8,
    turns: 'smooth',
    moves: 'on its way',
  },
  'roll': {
    label: 'roll',
    text: 'Turns about its own length and back, so that the flank flashes; little is felt.',
    view: 'front',
    width: 0.3,
    swings: 1,
    turns: 'smooth',
    moves: 'about itself',
  },
  'kick': {
    label: 'kick',
    text: 'The tail beats while the body goes straight: a steady thump behind a natural shape.',
    view: 'above',
    width: 0.2,
    swings: 6,
    turns: 'smooth',
    moves: 'a part',
  },
  'dart': {
    label: 'dart',
    text: 'Shoots off to one side when it is jerked, then to the other: prey that flees.',
    view: 'above',
    width: 0.32,
    swings: 3,
    turns: 'broken',
    moves: 'on its way',
  },
  'glide': {
    label: 'glide',
    text: 'Long slow curves to the left and to the right, each at a turn of the handle.',
    view: 'above',
    width: 0.34,
    swings: 1.5,
    turns: 'smooth',
    moves: 'on its way',
  },
  'flutter': {
    label: 'flutter',
    text: 'Falls swinging like a leaf, a flash at each turn. The fall does the work.',
    view: 'side',
    width: 0.3,
    swings: 3,
    turns: 'smooth',
    moves: 'falling',
  },
  'spiral': {
    label: 'spiral',
    text: 'Falls in a narrow screw, head first, at an even pace.',
    view: 'side',
    width: 0.14,
    swings: 5,
    turns: 'smooth',
    moves: 'falling',
  },
  'shimmy': {
    label: 'shimmy',
    text: 'Falls level and trembles at both ends. Hardly any pull: for fish that have seen all else.',
    view: 'side',
    width: 0.05,
    swings: 12,
    turns: 'smooth',
    moves: 'falling',
  },
  'quiver': {
    label: 'quiver',
    text: 'Stays where it is while tip, skirt or hair move by themselves.',
    view: 'above',
    width: 0.05,
    swings: 14,
    turns: 'smooth',
    moves: 'a part',
  },
  'chatter': {
    label: 'chatter',
    text: 'A blade knocks it from side to side many times a second: the strongest thump of all.',
    view: 'above',
    width: 0.16,
    swings: 12,
    turns: 'broken',
    moves: 'on its way',
  },
  'spin': {
    label: 'spin',
    text: 'A blade turns about the wire while the body goes straight: flash and thump at one steady pace.',
    view: 'side',
    width: 0.16,
    swings: 7,
    turns: 'smooth',
    moves: 'a part',
  },
  'walk': {
    label: 'walk',
    text: 'On the surface, left and right at each tap of a slack line.',
    view: 'above',
    width: 0.3,
    swings: 4,
    turns: 'broken',
    moves: 'on its way',
  },
  'pop': {
    label: 'pop',
    text: 'A cupped face throws water and noise at each pull, then it lies still among the rings.',
    view: 'side',
    width: 0.2,
    swings: 3,
    turns: 'broken',
    moves: 'on its way',
  },
  'wake': {
    label: 'wake',
    text: 'Runs just under the surface and draws a wave behind it.',
    view: 'above',
    width: 0.12,
    swings: 5,
    turns: 'smooth',
    moves: 'a part',
  },
  'none': {
    label: 'none of its own',
    text: 'Goes where the line takes it; the hand gives it life.',
    view: 'above',
    width: 0,
    swings: 1,
    turns: 'smooth',
    moves: 'on its way',
  },
}
