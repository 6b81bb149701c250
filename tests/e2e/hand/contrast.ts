import sharp from 'sharp'
import type { Line } from './inPage'

/** WCAG 2.2, 1.4.3 (AA): words need this much against their ground, large words less. */
const AA = 4.5
const AA_LARGE = 3
const LARGE_PX = 24
const LARGE_BOLD_PX = 18.66

type Rgb = readonly [number, number, number]

/**
 * Words that stand too weakly on their ground, in a drawing as well as in text: the ground is the colour that most of
 * their box shows on the picture of the page.
 * @param png the whole page as painted, `pixelsPer` pixels to one of the page's
 */
export async function weakLines(png: Buffer, lines: readonly Line[], pixelsPer = 1): Promise<string[]> {
  const { data, info } = await sharp(png).removeAlpha().raw().toBuffer({ resolveWithObject: true })
  return lines.flatMap((line) => {
    const ground = groundOf(data, info, line, pixelsPer)
    const ink = rgbOf(line.colour)
    if (!ground || !ink) return []
    const seen = ink.map((each, at) => each * line.opacity + (ground[at] ?? 0) * (1 - line.opacity)) as unknown as Rgb
    const ratio = contrast(seen, ground)
    const isLarge = line.sizePx >= LARGE_PX || (line.isBold && line.sizePx >= LARGE_BOLD_PX)
    return ratio >= (isLarge ? AA_LARGE : AA) - 0.05
      ? []
      : [`weak: "${line.words.slice(0, 50)}" ${ratio.toFixed(1)} to 1`]
  })
}

/** The commonest colour in a box, a pixel inside its edge. */
function groundOf(
  data: Buffer,
  { width, height }: { width: number; height: number },
  line: Line,
  per: number,
): Rgb | null {
  const counts = new Map<number, number>()
  const [left, right] = [Math.max(0, Math.ceil(line.left * per)), Math.min(width, Math.floor(line.right * per))]
  const [top, bottom] = [Math.max(0, Math.ceil(line.top * per)), Math.min(height, Math.floor(line.bottom * per))]
  for (let y = top; y < bottom; y++)
    for (let x = left; x < right; x++) {
      const colour = data.readUIntBE((y * width + x) * 3, 3)
      counts.set(colour, (counts.get(colour) ?? 0) + 1)
    }
  const most = [...counts].sort(([, a], [, b]) => b - a)[0]?.[0]
  return most === undefined ? null : [most >> 16, (most >> 8) & 255, most & 255]
}

function rgbOf(css: string): Rgb | null {
  const parts = /rgba?\((\d+), (\d+), (\d+)/.exec(css)
  return parts && [Number(parts[1]), Number(parts[2]), Number(parts[3])]
}

/** WCAG 2.2: (L1 + 0.05) / (L2 + 0.05). */
export function contrast(a: Rgb, b: Rgb): number {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((one, other) => other - one)
  return (light + 0.05) / (dark + 0.05)
}

/** WCAG 2.2, relative luminance of an sRGB colour. */
function luminance(colour: Rgb): number {
  const [r = 0, g = 0, b = 0] = colour.map((each) => {
    const part = each / 255
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4
  })
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}
