/** Units that stand at the end of a calculator's field names. */
const UNITS: readonly (readonly [string, string])[] = [
  ['KgM3', 'kg/m³'], ['MPas', 'mPa·s'], ['Cm3', 'cm³'], ['Cm2', 'cm²'], ['PerC', 'per °C'], ['Psu', 'psu'], ['Deg', '°'], ['Rad', 'rad'], ['Mm', 'mm'], ['Ms', 'm/s'], ['Kg', 'kg'], ['Nm', 'nm'], ['M', 'm'], ['G', 'g'], ['S', 's'], ['C', '°C'], ['N', 'N'],
]

/** `lineDiameterMm` → “line diameter”, “mm”. */
export function fieldInWords(name: string): { readonly label: string, readonly unit: string } {
  const last = name.split('.').pop()!
  const found = UNITS.find(([ending]) => last.endsWith(ending) && last.length > ending.length)
  const bare = found ? name.slice(0, -found[0].length) : name
  return { label: bare.replace('.', ' ').replace(/([A-Z])/g, ' $1').toLowerCase().trim(), unit: found?.[1] ?? '' }
}
