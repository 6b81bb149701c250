/** Tokens that the drawing uses; outside the page they have no values, so they are written in. */
const TOKEN = /var\((--kv-[a-z0-9-]+)\)/g

/** Saves a drawn map as an SVG file that looks the same anywhere. */
export function saveSvg(map: SVGSVGElement, name: string): void {
  const values = getComputedStyle(document.documentElement)
  const copy = map.cloneNode(true) as SVGSVGElement
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  const text = copy.outerHTML.replace(TOKEN, (_, token: string) => values.getPropertyValue(token).trim())
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }))
  link.download = `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.svg`
  link.click()
  URL.revokeObjectURL(link.href)
}
