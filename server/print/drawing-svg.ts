import type { Drawing } from '#wire/drawing-schema'

const ESCAPES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' }
const plain = (text: string) => text.replace(/[&<>"]/g, (sign) => ESCAPES[sign]!)

/** A drawing as pdfmake sets it, in a field of at most so many points; what it says stands as text and never as markup. */
export function drawn({ x, y, width, height, marks, words }: Drawing, most: { width: number; height: number }) {
  const scale = Math.min(most.width / width, most.height / height)
  const lines = marks.map(
    ({ path, fill, line, width: stroke, dash }) =>
      `<path d="${path}" fill="${fill}" stroke="${line}" stroke-width="${stroke}"` +
      `${dash ? ` stroke-dasharray="${dash}"` : ''}/>`,
  )
  const texts = words.map(
    (word) =>
      `<text x="${word.x}" y="${word.y}" font-size="${word.size}" font-family="Atkinson" ` +
      `text-anchor="middle" fill="#22262e">${plain(word.text)}</text>`,
  )
  return {
    svg:
      `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${height}" ` +
      `width="${width}" height="${height}">${lines.join('')}${texts.join('')}</svg>`,
    width: width * scale,
    height: height * scale,
  }
}
