import type { Pattern } from '#core/terms'

/** Colours a quick entry starts from, until the owner picks his own. Invented. */
export const PATTERN_COLOURS: Record<
  Pattern,
  { readonly back: string; readonly side: string; readonly belly: string }
> = {
  natural: { back: '#49583a', side: '#b3ad86', belly: '#ece3c4' },
  hot: { back: '#2f7a3a', side: '#c8d020', belly: '#e8702a' },
  dark: { back: '#141414', side: '#26202e', belly: '#33264a' },
  plain: { back: '#cfccc0', side: '#efece2', belly: '#fbf9f1' },
}
