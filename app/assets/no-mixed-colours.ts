// Every colour comes from the theme; what mixes the shades of a button's own colour is not loaded for nothing.
export function TinyColor(colour: string): never {
  throw new Error(`A button has the colours of the theme, not ${colour} of its own.`)
}
