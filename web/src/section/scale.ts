/**
 * How much larger the browser is asked to set text than usual. Drawings and columns are laid out in units of a sixteenth of
 * that size, so that they grow with the words in them.
 */
export function textScale(): number {
  return parseFloat(getComputedStyle(document.documentElement).fontSize) / 16 || 1;
}

/** A length of the layout as the browser is to draw it. */
export function rem(units: number): string {
  return `${units / 16}rem`;
}
