import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { readLureLine } from '#core/catalogue'
import { readCsv } from '#core/files'
import type { Lure } from '#core/tackle'
import { storedFrom } from './own/stored'

/**
 * Sheets as anglers of eleven languages would keep them, with the words of their own water (made up, from memory, no source; written before the program was asked),
 * and what is meant: the kinds of the lures in the order of the lines, hardware, and the rod with the kind of its reel.
 */
const MEANT: Readonly<Record<string, { readonly lures: string, readonly parts: string, readonly rods: string }>> = {
  da: {
    lures: 'crankbait casting-metal casting-spoon crankbait paddle-tail casting-metal streamer',
    parts: 'jig-head', rods: 'spinning',
  },
  de: {
    lures: 'crankbait jerkbait crankbait casting-spoon inline-spinner paddle-tail minnow-soft grub worm creature tail-spinner',
    parts: 'jig-head sinker', rods: 'spinning casting',
  },
  es: {
    lures: 'topwater jerkbait paddle-tail casting-metal crankbait inline-spinner worm topwater',
    parts: 'jig-head', rods: 'spinning',
  },
  fi: { lures: 'casting-spoon inline-spinner crankbait paddle-tail slow-jig', parts: 'jig-head', rods: 'spinning' },
  fr: {
    lures: 'jerkbait crankbait topwater casting-spoon inline-spinner worm paddle-tail creature skirted-jig blade-bait',
    parts: 'jig-head sinker', rods: 'spinning',
  },
  it: {
    lures: 'jerkbait casting-spoon inline-spinner worm casting-metal topwater crankbait',
    parts: 'jig-head', rods: 'spinning',
  },
  nl: {
    lures: 'casting-spoon paddle-tail crankbait crankbait inline-spinner topwater grub jerkbait',
    parts: 'jig-head jig-head', rods: 'spinning casting',
  },
  no: {
    lures: 'casting-spoon casting-metal inline-spinner crankbait casting-metal paddle-tail',
    parts: 'jig-head', rods: 'spinning spinning',
  },
  pl: {
    lures: 'casting-spoon inline-spinner crankbait crankbait paddle-tail grub minnow-soft blade-bait topwater',
    parts: 'jig-head', rods: 'spinning',
  },
  pt: {
    lures: 'topwater paddle-tail casting-metal jerkbait casting-spoon worm',
    parts: 'jig-head', rods: 'spinning',
  },
  sv: {
    lures: 'jerkbait swimbait casting-spoon inline-spinner crankbait crankbait paddle-tail paddle-tail casting-metal spinnerbait topwater',
    parts: 'jig-head', rods: 'spinning',
  },
}

describe.each(Object.entries(MEANT))('a sheet in %s', (language, meant) => {
  const table = readCsv(readFileSync(join(import.meta.dirname, 'own', 'elsewhere', `${language}.csv`), 'utf8'))
  const { box, refused } = storedFrom(table, 'metric')
  const lure = (name: string) => box.lures.find(l => l.name === name) as Lure

  it('every line is what it is said to be', () => {
    expect(refused).toBe(0)
    expect(box.lures.map(({ family }) => family).join(' ')).toBe(meant.lures)
    expect(box.parts.map(({ kind }) => kind).join(' ')).toBe(meant.parts)
    expect(box.outfits.map(({ rod }) => rod.kind).join(' ')).toBe(meant.rods)
  })

  it('weights, lengths and pieces are those of the line', () => {
    const at = (...headings: string[]) => table.header.findIndex(heading => headings.some(h => heading.startsWith(h)))
    const weight = at('Vægt', 'Gewicht', 'Peso', 'Paino', 'Poids', 'Vekt', 'Waga', 'Vikt')
    const pieces = at('Antal', 'Stück', 'Kpl', 'Aantal', 'Mengde', 'Sztuk', 'Quantidade', language === 'fr' ? 'Nombre' : 'Cantidad')
    const length = at('Længde', 'Größe', 'Largo', 'Pituus', 'Taille', 'Lunghezza', 'Lengte', 'Lengde', 'Długość', 'Comprimento', 'Längd')
    expect(weight).toBeGreaterThan(0)
    for (const row of table.rows) {
      const known = lure(row[0]!)
      if (!known) continue
      const grams = /^[\d,]+/.exec(row[weight]!)?.[0]
      expect(known.weightG, row[0]).toBe(grams && Number(grams.replace(',', '.')))
      const [, long, unit] = /^([\d,]+)(?: (\w+))?$/.exec(row[length]!) ?? []
      expect(known.lengthMm, row[0]).toBe(long && Number(long.replace(',', '.')) * (unit === 'cm' ? 10 : 1))
      if (pieces > 0) expect(known.quantity, row[0]).toBe(Number(row[pieces]))
    }
  })

  it('colours are understood, but for one whose word is another in English', () => {
    const plain = box.lures.filter(({ colours }) => colours === undefined).map(({ name }) => name)
    expect(plain).toEqual(language === 'fr' ? ['Lame vibrante'] : [])
  })
})

describe('words that mean several things', () => {
  const stored = (csv: string) => storedFrom(readCsv(csv), 'metric').box
  it('a word for several kinds is told by the name, by how it lies in the water and by its depth', () => {
    const { lures } = stored('Name,Type,Floats\nMetal 40,jig,\nBig walker,plug,\nStick 10,stickbait,floating\nStick 12,stickbait,sinking\n')
    expect(lures.map(({ family }) => family)).toEqual(['casting-metal', 'topwater', 'topwater', 'pencil'])
  })
  it('a kind that is said by its own name stays, whatever the lure is called', () => {
    const { lures } = stored('Name,Type,Notes\nTrout spoon,casting spoon,\nMetal frog,topwater,\n')
    expect(lures.map(({ family }) => family)).toEqual(['casting-spoon', 'topwater'])
  })
  it('a word of several in one is what its end says', () => {
    const { lures } = stored('Name;Typ\nA;Hechtwobbler\nB;Meerforellenblinker\nC;Snoekbaarsshad\nD;gäddspinnare\nE;Tailspinner\nF;Spinnerbait\n')
    expect(lures.map(({ family }) => family)).toEqual(['crankbait', 'casting-spoon', 'paddle-tail', 'inline-spinner', 'tail-spinner', 'spinnerbait'])
  })
  it('pieces are counted in any of the languages', () => {
    for (const line of ['Gummifisch 10 cm motoröl 6 Stück', 'shad 10 cm chartreuse 6 stuks', 'jigg 10 cm svart 6 st', 'guma 10 cm 6 szt', 'leurre souple 10 cm x6', 'jigi 10 cm 6 kpl'])
      expect(readLureLine(line, 'metric').quantity, line).toBe(6)
  })
  it('the French for a number is the Spanish for a name', () => {
    expect(stored('Leurre;Type;Nombre\nPopper 8;popper;2\nPopper 9;popper;5\nPopper 10;popper;5\n').lures.map(({ quantity }) => quantity)).toEqual([2, 5, 5])
    expect(stored('Nombre;Tipo;Cantidad\nPaseante;paseante;2\nRana;rana;5\nVinilo;vinilo;5\n').lures.map(({ name }) => name)).toEqual(['Paseante', 'Rana', 'Vinilo'])
  })
  it('hooks keep their number apart from their size', () => {
    const { lures } = stored('Name;Art;Haken\nA;Wobbler;2 Drillinge Gr. 10\nB;Wobbler;Drilling 4\nC;Wobbler;3 x 6\n')
    expect(lures.map(({ hooks }) => hooks)).toEqual([
      [{ kind: 'treble', size: '10', count: 2 }],
      [{ kind: 'treble', size: '4' }],
      [{ kind: 'treble', size: '6', count: 3 }],
    ])
  })
})
