import { useStorage } from 'nitropack/runtime'
import { FONT_STYLES, type Fonts } from './typeset'

const FILES: Record<keyof Fonts, string> = {
  normal: 'atkinson-hyperlegible-latin-400-normal.woff', bold: 'atkinson-hyperlegible-latin-700-normal.woff', italics: 'atkinson-hyperlegible-latin-400-italic.woff', bolditalics: 'atkinson-hyperlegible-latin-700-italic.woff',
}

let fonts: Promise<Fonts> | undefined

/** The fonts that ship with the product, read once. */
export function shippedFonts(): Promise<Fonts> {
  fonts ??= read()
  return fonts
}

async function read(): Promise<Fonts> {
  const files = await Promise.all(FONT_STYLES.map(async (style) => [style, Buffer.from(await useStorage('assets:fonts').getItemRaw<Uint8Array>(FILES[style]) ?? [])] as const))
  return Object.fromEntries(files) as Fonts
}
