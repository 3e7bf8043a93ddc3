/** What a drawing's look hangs on: taken along, since the file has no style sheet. */
const looks = [
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
]

/** The chart as a picture that stands by itself, in the colours in which it is seen. */
function standingAlone(chart: SVGSVGElement): SVGSVGElement {
  const copy = chart.cloneNode(true) as SVGSVGElement
  const seen = [chart, ...chart.querySelectorAll<SVGElement>('*')]
  const kept = [copy, ...copy.querySelectorAll<SVGElement>('*')]
  seen.forEach((element, i) => {
    const style = getComputedStyle(element)
    for (const look of looks) kept[i]!.setAttribute(look, style.getPropertyValue(look))
    kept[i]!.removeAttribute('class')
  })
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect')
  ground.setAttribute('width', '100%')
  ground.setAttribute('height', '100%')
  ground.setAttribute('fill', getComputedStyle(document.documentElement).backgroundColor)
  copy.prepend(ground)
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  return copy
}

function save(blob: Blob, name: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

const svgText = (chart: SVGSVGElement) => new XMLSerializer().serializeToString(standingAlone(chart))

export const saveSvg = (chart: SVGSVGElement, name: string) =>
  save(new Blob([svgText(chart)], { type: 'image/svg+xml' }), `${name}.svg`)

/** Twice as fine as it is seen. */
export async function savePng(chart: SVGSVGElement, name: string) {
  const { width, height } = chart.getBoundingClientRect()
  const picture = new Image()
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(chart))}`
  await picture.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width * 2
  canvas.height = height * 2
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done))
  if (blob) save(blob, `${name}.png`)
}
