/** A name as small letters, digits and dashes, for ids; empty when nothing of it is left. */
export function slug(name: string, longest = 48): string {
  return name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, longest)
    .replace(/^-+|-+$/g, '')
}
