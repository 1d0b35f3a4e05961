export {
  ACTION_STYLES, BLADE_FINISHES, BLADE_SHAPES, BUOYANCIES, CADENCES, EVENT_KINDS, EVENT_WHENS, FAMILIES, FINISHES, HOOKED_AT, HOOK_KINDS, isSoftBody,
  LINE_MATERIALS, METALS, MODES, PART_KINDS, PATTERNS, REEL_KINDS, RIGS, ROD_ACTIONS, ROD_KINDS, ROD_POWERS, ROLES, RULE_OPS, SOUNDS,
  TEST_KINDS,
} from './ids'
export type {
  ActionStyle, BladeShape, Buoyancy, Cadence, Family, Finish, HookKind, LineMaterial, Metal, Mode, PartKind, Pattern, Rig, RodAction, RodKind, RodPower,
  Role, Sound, TestKind,
} from './ids'
export type {
  Assembly, BenchTest, Blade, Box, Colours, Leader, LineSpec, Lure, LureHook, Maybe, Outfit, Part, RunsAt, Scale5, SpeedWindow, Stint, Trip, TripEvent, UserRule,
} from './types'
export {
  ended, merged, minutesOf, momentIn, openStint, type StintStart, withCasts, withChanged, withDetail, withEvent, withoutEvent, withoutStint, withStint, withStock,
} from './trip-log'
