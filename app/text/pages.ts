/** What each page is called, in the window's title and for those who hear it. */
const NAMES: Readonly<Record<string, string>> = {
  '/': 'Tie-on',
  '/trip': 'Trip',
  '/pack': 'Pack',
  '/logbook': 'Logbook',
  '/box': 'Box',
  '/bench': 'Bench',
  '/colours': 'Colours',
  '/waters': 'Waters',
  '/rules': 'Rules',
  '/sums': 'Sums',
  '/keep': 'Keep',
  '/box/trays': 'Trays',
  '/box/outfits': 'Rods',
  '/box/parts': 'Parts and dressings',
  '/box/coverage': 'Covered and missing',
  '/box/compare': 'Lures side by side',
  '/box/labels': 'Labels',
  '/box/exchange': 'In and out',
  '/box/lure': 'A lure',
  '/logbook/rates': 'Rates',
  '/logbook/charts': 'Charts of the log',
  '/logbook/like': 'Days like this',
  '/logbook/explains': 'What explains it',
  '/logbook/audit': 'Rules on my water',
  '/logbook/year': 'The year',
  '/logbook/trip': 'A trip',
}

/** The name of the page at an address: its own, or that of the page it stands under. */
export function pageName(path: string): string {
  const whole = path.replace(/\/+$/, '') || '/'
  for (let at = whole; at !== ''; at = at.slice(0, at.lastIndexOf('/'))) {
    const name = NAMES[at]
    if (name) return name
  }
  return ''
}
