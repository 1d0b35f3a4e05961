export { ACTION_TABLE, type ActionRow } from './actions'
export { ADVICE } from './advice/all'
export { BEATS, FALL_SWAY } from './beats'
export {
  AFTER_A_SINGLE,
  AFTER_SILENCE,
  type AloneRow,
  BITE_SIGNS,
  type BiteSign,
  type ChangeWhat,
  EVENTS_LOOKED_AT,
  HAND_CHANGES,
  type HandChange,
  type SignOffer,
  STAND_INS,
} from './bite-signs'
export {
  BLADE_BODIES,
  ROUND_BLADE_MM,
  TRAILER_DRAG,
  TRAILER_LIFT_PER_THUMP,
  USUAL_BLADE_NUMBER,
  USUAL_BLADES,
} from './blade-bodies'
export { CADENCE_TABLE, CADENCE_WAY, TURNS_UNKNOWN } from './cadences'
export { BETWEEN_WATERS, CAUTIONS, LOCAL_RULES } from './cautions'
export {
  DIARY_HEADINGS,
  DIARY_OUTCOMES,
  type DiaryColumn,
  MONTHS_ELSEWHERE,
  SKY_WORDS,
  SPECIES_WORDS,
} from './diary-words'
export { CASTS_M, DIAMETER_POWER, DIVE_PATH, DIVE_TABLE, TOWED_AT_30_M } from './dive-table'
export { type Chromophore, type EyeId, type EyeRow, EYES, SPECIES_EYES } from './eyes'
export { FAMILY_TABLE, type FamilyRow, STYLE_TABLE, typicalOf } from './families'
export { FISHED_OTHERWISE, type OtherwiseRow } from './fished-otherwise'
export { FORAGE_HABITS } from './forage-habits'
export { FORAGE_TABLE } from './forage'
export { HOOK_GAP_MM, PLAIN_HOOK_KG, TREBLE_G } from './hooks'
export { LIGHT_FIELD, LIGHT_FIELD_RATIO, type LightFieldColumn } from './light-field'
export { LINE_DENSITY, LINE_DIAMETER_K } from './lines'
export { MATERIAL_DENSITY } from './materials'
export {
  FORAGE_PREY,
  GLOW,
  type GlowId,
  METAL_REFLECTANCE,
  type MirrorMetal,
  PREY,
  type PreyId,
  type PreyRow,
} from './paints'
export { RULES } from './rules/all'
export { SCHOOL_TABLE } from './schools'
export { type DepthRange, type HabitRow, type Salt, SPECIES_HABITS } from './species-habits'
export { SPECIES_TABLE, type SpeciesRow } from './species'
export { CLEAR_SKY_LUX, CLOUD, MOON } from './surface-light'
export { DEPTH_CONTROLS, type DepthControl, type TechniqueRow, TECHNIQUES } from './techniques'
export { type Meaning, meaningOf } from './vocabulary'
export { ALGAE, DAYLIGHT, PURE_WATER, SPECTRUM_START_NM, SPECTRUM_STEP_NM, WATER_RECIPES } from './water-spectra'
export { FITTED, FITTED_TO } from './fitted'
export {
  DRIFT_OF_WIND,
  EAGER,
  HEAD_BY_LENGTH,
  LARGE_BODY,
  LEAD,
  LEAD_IN_COVER,
  LEAD_LETHARGIC,
  LEAD_PER_CURRENT,
  METAL,
  USUAL_GRAMS,
  type LeadRow,
  PUNCHED,
  SEA_SHORE,
  SWELL,
} from './lead'
export { PACE, PAUSES, WARMTH_C } from './pauses'
export { RIG_TEXT } from './rigs'
export { FAR, type HoldRow, HOLDS, JOB_COSTS, type JobId, type JobRow, ROD_JOBS, rodRowId } from './rod-jobs'
export { type CadenceChoice, type TacticRow, TACTICS } from './tactics'
export { TRAILER_LENGTH, TRAILER_OTHER_COLOUR, type TrailerRow, TRAILERS, UNFINISHED } from './trailers'
export {
  BLADE_WORDS,
  BLADED,
  HOOK_WORDS,
  KIND_WORDS,
  type KindWord,
  LAST_WORDS,
  LURE_COLOUR_WORDS,
  STYLE_WORDS,
  TANDEM,
  TRAIT_WORDS,
  TWO_BLADES,
} from './lure-words'
export { PART_MATERIALS, PART_WORDS, type PartWord } from './part-words'
export { type ErrorField, READING_ERRORS, type ReadingErrorRow } from './reading-errors'
export { FISH_CARE, UNWANTED } from './wishes'
export { ENDS_ELSEWHERE, WORDS_ELSEWHERE } from './words-elsewhere'
