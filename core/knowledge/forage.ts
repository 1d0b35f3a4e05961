import type { ForageId, Level, Silhouette } from '#core/terms'

/**
 * What the fish eat: shape, usual length, level in the water (trade §21).
 * Source: common practice, no source; lengths are those met most of the year.
 */
export interface ForageRow {
  readonly label: string
  readonly silhouette: Silhouette
  readonly lengthMm: number
  readonly level: Level
  /** Body depth over length. */
  readonly slenderness: number
}

const row = (
  label: string,
  silhouette: ForageRow['silhouette'],
  lengthMm: number,
  level: ForageRow['level'],
  slenderness: number,
): ForageRow => ({ label, silhouette, lengthMm, level, slenderness })

export const FORAGE_TABLE: Record<ForageId, ForageRow> = {
  'shad-small': row('small shad', 'deep', 65, 'mid', 0.33),
  'shad-large': row('large shad', 'deep', 180, 'mid', 0.33),
  'smelt': row('smelt', 'slim', 110, 'mid', 0.16),
  'herring': row('herring', 'slim', 120, 'mid', 0.22),
  'bleak': row('bleak or roach', 'slim', 90, 'mid', 0.24),
  'minnow': row('minnow', 'slim', 65, 'mid', 0.2),
  'perch-juvenile': row('young perch', 'deep', 80, 'mid', 0.27),
  'sunfish': row('sunfish', 'deep', 80, 'mid', 0.45),
  'goby': row('goby', 'bottom', 75, 'bottom', 0.2),
  'crayfish': row('crayfish', 'crustacean', 70, 'bottom', 0.28),
  'shrimp': row('shrimp', 'crustacean', 70, 'bottom', 0.18),
  'sand-eel': row('sand eel', 'needle', 130, 'bottom', 0.08),
  'needlefish': row('needlefish', 'needle', 220, 'surface', 0.06),
  'sardine': row('sardine', 'slim', 120, 'mid', 0.2),
  'mullet': row('mullet', 'slim', 120, 'surface', 0.22),
  'whitebait': row('whitebait', 'slim', 45, 'mid', 0.18),
  'crab': row('crab', 'crustacean', 45, 'bottom', 0.7),
  'squid': row('squid', 'slim', 140, 'mid', 0.2),
  'frog': row('frog', 'frog', 60, 'surface', 0.35),
  'worm': row('worm or leech', 'worm', 90, 'bottom', 0.06),
  'insect': row('insect hatch', 'insect', 25, 'surface', 0.25),
}
