const PROGRAM = /<script type="module" src="([^"]+)"[^>]*><\/script>/
const SHEET = /<link rel="stylesheet" href="([^"]+)"([^>]*)>/g

/**
 * The page as it is written beforehand, made to show something before the program is there: its styles stand in it, and `first` starts the program.
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
    .replace(SHEET, (_, address: string, attributes: string) => {
      const folder = address.slice(0, address.lastIndexOf('/') + 1)
      const text = styles(address).replaceAll('url(./', `url(${folder}`)
      // The link stays for those who ask whether these styles are there.
      return `<style>${text}</style><link rel="stylesheet" disabled href="${address}"${attributes}>`
    })
    .replace('</body>', () => `<script data-program="${program}">${first}</script></body>`)
}
