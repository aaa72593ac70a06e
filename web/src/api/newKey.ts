/** A key that nobody else has made. Works over plain http too, where the browser's own maker of such keys is missing. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
}
