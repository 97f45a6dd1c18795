import { there } from '#core/units'
import { h, render, type AppContext, type Component } from 'vue'

/** Saves text, or what the server made, as a file of the browser's downloads. */
export function download(name: string, content: string | Blob, type: string): void {
  const url = URL.createObjectURL(typeof content === 'string' ? new Blob([content], { type }) : content)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

let within: AppContext | null = null
/** What drawings of a file share with those on the page: how words are said. */
export function drawWithin(context: AppContext): void {
  within = context
}

/** A drawing as the text of an SVG file of its own. */
export function drawingAsFile(component: Component, props: Record<string, unknown>): string {
  const holder = document.createElement('div')
  const drawing = h(component, props)
  drawing.appContext = within
  render(drawing, holder)
  const svg = there(holder.querySelector('svg'))
  svg.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  const text = new XMLSerializer()
    .serializeToString(svg)
    .replace(/ data-v-[0-9a-f]+=""/g, '')
    .replaceAll('<!---->', '')
    .replaceAll('<!--v-if-->', '')
  render(null, holder)
  return `<?xml version="1.0" encoding="UTF-8"?>\n${text}\n`
}

/** Puts a text where it can be pasted from; false where the browser does not let a page do so. */
export async function copyText(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text)
    return true
  } catch {
    return false
  }
}

/** A name fit for a file: letters, digits and hyphens. */
export function fileName(name: string): string {
  return (
    name
      .normalize('NFKD')
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'hive'
  )
}
