/** One record per published source. `held` says how the figures reached us. */
export interface Citation {
  readonly text: string
  readonly held:
    'checked against published check values' | 'from memory, reproduces known values' | 'from memory, unconfirmed'
}

export const CITATIONS = {
  'derringer-1980': {
    text: 'G. Derringer, R. Suich (1980): Simultaneous optimization of several response variables. Journal of Quality Technology 12, 214–219.',
    held: 'from memory, reproduces known values',
  },
  'unesco-1983': {
    text: 'N. P. Fofonoff, R. C. Millard (1983): Algorithms for computation of fundamental properties of seawater. UNESCO technical papers in marine science 44.',
    held: 'checked against published check values',
  },
  'millero-1981': {
    text: 'F. J. Millero, A. Poisson (1981): International one-atmosphere equation of state of seawater. Deep-Sea Research 28A, 625–629.',
    held: 'checked against published check values',
  },
  'patek-2009': {
    text: 'J. Pátek et al. (2009): Reference correlations for thermophysical properties of liquid water at 0.1 MPa. J. Phys. Chem. Ref. Data 38, 21–29.',
    held: 'from memory, reproduces known values',
  },
  'sharqawy-2010': {
    text: 'M. H. Sharqawy, J. H. Lienhard, S. M. Zubair (2010): Thermophysical properties of seawater. Desalination and Water Treatment 16, 354–380.',
    held: 'from memory, unconfirmed',
  },
  'crc': {
    text: 'CRC Handbook of Chemistry and Physics: density of water.',
    held: 'checked against published check values',
  },
  'nist-sp811': {
    text: 'NIST Special Publication 811: Guide for the use of the International System of Units, appendix B.',
    held: 'checked against published check values',
  },
  'clift-1978': {
    text: 'R. Clift, J. R. Grace, M. E. Weber (1978): Bubbles, Drops and Particles. Academic Press.',
    held: 'from memory, unconfirmed',
  },
  'clift-1970': {
    text: 'R. Clift, W. H. Gauvin (1970): The motion of particles in turbulent gas streams. Proc. Chemeca 70, 14–28.',
    held: 'from memory, reproduces known values',
  },
  'poole-1929': {
    text: 'H. H. Poole, W. R. G. Atkins (1929): Photo-electric measurements of submarine illumination throughout the year. J. Marine Biol. Assoc. 16, 297–324.',
    held: 'from memory, unconfirmed',
  },
  'holmes-1970': {
    text: 'R. W. Holmes (1970): The Secchi disk in turbid coastal waters. Limnology and Oceanography 15, 688–694.',
    held: 'from memory, unconfirmed',
  },
  'kirk-1984': {
    text: 'J. T. O. Kirk (1984): Dependence of relationship between inherent and apparent optical properties of water on solar altitude. Limnology and Oceanography 29, 350–356.',
    held: 'from memory, unconfirmed',
  },
  'pope-1997': {
    text: 'R. M. Pope, E. S. Fry (1997): Absorption spectrum (380–700 nm) of pure water. Applied Optics 36, 8710–8723.',
    held: 'from memory, reproduces known values',
  },
  'govardovskii-2000': {
    text: 'V. I. Govardovskii et al. (2000): In search of the visual pigment template. Visual Neuroscience 17, 509–528.',
    held: 'from memory, reproduces known values',
  },
  'clayton-1987': {
    text: 'D. Clayton, J. Kaldor (1987): Empirical Bayes estimates of age-standardized relative risks for use in disease mapping. Biometrics 43, 671–681.',
    held: 'from memory, reproduces known values',
  },
  'ibrahim-2000': {
    text: 'J. G. Ibrahim, M.-H. Chen (2000): Power prior distributions for regression models. Statistical Science 15, 46–60.',
    held: 'from memory, unconfirmed',
  },
} as const satisfies Record<string, Citation>

export type CitationId = keyof typeof CITATIONS

/** What stands behind a figure or a rule: a published source, the trade's habit, our own guess, or the user. */
export type SourceRef = CitationId | 'common-practice' | 'from-memory' | 'assumed' | 'derived' | 'user'

const PLAIN: Record<Exclude<SourceRef, CitationId>, string> = {
  'common-practice': 'common practice, no source',
  'from-memory': 'from memory, unconfirmed',
  'assumed': 'assumed, no source',
  'derived': 'derived in this program from sourced figures',
  'user': 'your own rule',
}

/** A source in words, as shown beside a reason. */
export function sourceText(ref: SourceRef): string {
  return ref in CITATIONS ? CITATIONS[ref as CitationId].text : PLAIN[ref as keyof typeof PLAIN]
}
