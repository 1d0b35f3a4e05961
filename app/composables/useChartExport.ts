/** Properties that make up the look of a chart; theme colours come as figures that any program can read. */
const LOOK = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'fill-opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'dominant-baseline',
] as const
/** Pixels of the picture for one of the drawing: sharp in print. */
const PNG_SCALE = 3

/** Keeps a chart as it is seen: as a drawing (SVG) or as a picture (PNG). */
export function useChartExport() {
  const keep = useDownload()

  /** The drawing with its look written into every mark, so that it stands without this page. */
  function drawingOf(svg: SVGSVGElement): { readonly text: string; readonly width: number; readonly height: number } {
    const copy = svg.cloneNode(true) as SVGSVGElement
    const originals = [svg, ...svg.querySelectorAll('*')]
    const copies = [copy, ...copy.querySelectorAll('*')]
    originals.forEach((original, i) => {
      const look = getComputedStyle(original)
      for (const property of LOOK) copies[i]!.setAttribute(property, look.getPropertyValue(property))
    })
    const { width, height } = svg.viewBox.baseVal
    const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect')
    const { x, y } = svg.viewBox.baseVal
    for (const [key, value] of Object.entries({
      x,
      y,
      width,
      height,
      fill: getComputedStyle(document.body).backgroundColor,
    }))
      ground.setAttribute(key, String(value))
    copy.prepend(ground)
    for (const [key, value] of Object.entries({ xmlns: 'http://www.w3.org/2000/svg', width, height }))
      copy.setAttribute(key, String(value))
    return { text: new XMLSerializer().serializeToString(copy), width, height }
  }

  function asSvg(svg: SVGSVGElement, name: string): void {
    keep(`${name}.svg`, drawingOf(svg).text, 'image/svg+xml')
  }

  async function asPng(svg: SVGSVGElement, name: string): Promise<void> {
    const { text, width, height } = drawingOf(svg)
    const image = new Image()
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = width * PNG_SCALE
    canvas.height = height * PNG_SCALE
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
    const blob = await new Promise<Blob | null>(resolve => canvas.toBlob(resolve, 'image/png'))
    if (!blob) throw new Error('the picture could not be made')
    keep(`${name}.png`, blob, blob.type)
  }

  return { asSvg, asPng }
}
