import type { KeptScreen } from './kept-screen'

const PROGRAM = /<script type="module" src="([^"]+)"[^>]*><\/script>/
/** What the program is made of, to be fetched ahead of being asked for. */
const PART = /<link rel="modulepreload"/g
const SHEET = /<link rel="stylesheet" href="([^"]+)"([^>]*)>/g

/** How the script begins that draws what was kept and starts the program. */
const FIRST = '<script data-program='

/** The page with the screen of whoever was never here: data for the first script, which else draws what was kept. */
export function withFirstVisit(html: string, screen: KeptScreen): string {
  if (!html.includes(FIRST)) throw new Error('the page starts no program')
  const data = JSON.stringify(screen).replaceAll('<', '\\u003c')
  return html.replace(FIRST, () => `<script type="application/json" id="first-visit">${data}</script>${FIRST}`)
}

/**
 * The page as it is written beforehand, made to show something before the program is there: its styles stand in it, and `first` starts the program,
 * with its parts (`rel="program-part"`), which would else take line and processor from what is drawn first.
 * @param html the page as the build writes it
 * @param first script that draws what was kept and starts the program, whose address it reads from its own `data-program`
 * @param styles text of the style sheet at an address
 * @throws Error when the page starts no program
 */
export function intoPage(html: string, first: string, styles: (address: string) => string): string {
  const program = PROGRAM.exec(html)?.[1]
  if (program === undefined) throw new Error('the page starts no program')
  return html
    .replace(PROGRAM, '')
    .replace(PART, '<link rel="program-part"')
    .replace(SHEET, (_, address: string, attributes: string) => {
      const folder = address.slice(0, address.lastIndexOf('/') + 1)
      const text = styles(address).replaceAll('url(./', `url(${folder}`)
      // The link stays for those who ask whether these styles are there.
      return `<style>${text}</style><link rel="stylesheet" disabled href="${address}"${attributes}>`
    })
    .replace('</body>', () => `${FIRST}"${program}">${first}</script></body>`)
}
