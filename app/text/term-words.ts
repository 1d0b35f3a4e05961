import type { Term } from '#core/catalogue'
import { formatQuantity, type UnitSystem } from '#core/units'
import { attributeText } from './attribute-value'
import { familyLabel, words } from './labels'

const SEVERAL = 3

/** How a part of a search was understood, for the line under the field. */
export function termInWords(term: Term, system: UnitSystem): string {
  const text = positive(term, system)
  return term.not ? `not ${text}` : text
}

function positive(term: Term, system: UnitSystem): string {
  switch (term.kind) {
    case 'near':
      return `${figureName(term.dimension)} about ${formatQuantity(term.dimension, term.value, { system })}`
    case 'between': {
      const name = figureName(term.dimension)
      const at = (value: number) => formatQuantity(term.dimension, value, { system })
      if (term.high === Infinity) return `${name} from ${at(term.low)}`
      return term.low === 0 ? `${name} up to ${at(term.high)}` : `${name} ${at(term.low)} to ${at(term.high)}`
    }
    case 'attribute':
      return `${term.attribute.label} ${term.op === '=' ? '' : `${term.op} `}${attributeText(term.attribute, term.value, system)}`
    case 'trade': {
      const { families, style, role } = term.meaning
      if (style) return `style ${words(style)}`
      if (role) return 'used as trailer'
      const names = families!.map(familyLabel)
      return names.length > SEVERAL
        ? `kind: ${names.slice(0, SEVERAL - 1).join(', ')} or ${names.length - SEVERAL + 1} more`
        : `kind: ${names.join(' or ')}`
    }
    case 'metal':
      return `${term.metal} metal`
    case 'colour':
      return `${term.colour} in its colours`
    case 'hook':
      return `hook ${term.size}`
    case 'word':
      return `“${term.word}” somewhere`
  }
}

function figureName(dimension: 'weight' | 'length' | 'depth'): string {
  return dimension === 'depth' ? 'runs at' : dimension
}
