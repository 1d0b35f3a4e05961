import { ENDS_ELSEWHERE, WORDS_ELSEWHERE } from '#core/knowledge'

/** Figures as anglers jot them within a line of words. */
export const NUMBER = String.raw`\d+[ -]\d+/\d+|\d+/\d+|\d+(?:[.,]\d+)?|[.,]\d+`
export const WEIGHT = new RegExp(String.raw`(?:^|[\s(])(${NUMBER})\s*(oz|ounces?|g|gr|grams?)\b`, 'i')
/** A bare fraction is ounces, unless it is the size of a hook. */
export const FRACTION = /(?:^|\s)(\d+[ -]\d+\/\d+|\d+\/(?!0\b)\d+)(?=\s|$)/
/** "5 pcs", "x5", "6 Stück", "5 szt". */
export const PIECES =
  /(?:^|\s)(?:(\d{1,3})\s*(?:x(?=\s|$)|(?:pcs?|pieces|pièces|stück|stk|st|stuks|szt|kpl|pezzi|pz|uds?|unidades)(?!\p{L}))|x\s*(\d{1,3})\b)/iu

/** "(5 pk)", "6pk", "10 ct", "pack of 5", "(8)": how many a packet holds. */
export const PACKET = /(?:^|[\s(])(?:(\d{1,3})\s*(?:pk|pack|ct|per pack)\b|pack of (\d{1,3})\b)\)?|\((\d{1,3})\)/i

/** The number that one of these says; 1 where it says nothing. */
export function piecesSaid(found: RegExpExecArray | null): number {
  return Number(found?.slice(1).find(said => said !== undefined) ?? 1)
}

/** A line with signs for fractions written out. */
export function withoutSigns(text: string): string {
  return text
    .replaceAll('½', ' 1/2')
    .replaceAll('¼', ' 1/4')
    .replaceAll('¾', ' 3/4')
    .replaceAll('⅜', ' 3/8')
    .replaceAll('⅛', ' 1/8')
}

/** Phrases and words of other languages, each by itself, the longer ones first. */
const SAID_ELSEWHERE = new RegExp(
  String.raw`(?<!\p{L})(?:${Object.keys(WORDS_ELSEWHERE)
    .filter(says => says.includes(' '))
    .sort((a, b) => b.length - a.length)
    .join('|')}|\p{L}+)(?!\p{L})`,
  'giu',
)

/** A text in lower case, with the words of other languages that are known as the trade says them in English. */
export function inEnglish(text: string): string {
  return knownInEnglish(text.toLowerCase())
}

/** A text with the words of other languages that are known as the trade says them in English; all else stands as it is. */
export function knownInEnglish(text: string): string {
  return text.normalize('NFC').replaceAll(SAID_ELSEWHERE, said => {
    const word = said.toLowerCase()
    if (Object.hasOwn(WORDS_ELSEWHERE, word)) return WORDS_ELSEWHERE[word]!
    const end = ENDS_ELSEWHERE.find(([letters]) => word.endsWith(letters) && word.length > letters.length)
    return end ? end[1] : said
  })
}

/** A text as words are looked for in it: in English, lower case, without hyphens and doubled spaces. */
export function plain(text: string): string {
  return inEnglish(text)
    .replaceAll(/[-_’']/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim()
}

/** Whether a phrase stands in a text as words of their own, in the plural as well. */
export function spanIn(text: string, phrase: string): { readonly from: number; readonly to: number } | null {
  for (let at = text.indexOf(phrase); at >= 0; at = text.indexOf(phrase, at + 1)) {
    const end = at + phrase.length
    const plural = /^(?:e?s)?(?![a-z])/.exec(text.slice(end))
    if (plural && (at === 0 || !/[a-z]/.test(text[at - 1]!))) return { from: at, to: end + plural[0].length }
  }
  return null
}
