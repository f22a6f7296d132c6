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

/** `stem-n` with the least number, from `first` on, that no item has yet. */
export function numberedId(stem: string, taken: readonly { readonly id: string }[], first = taken.length + 1): string {
  const known = new Set(taken.map((item) => item.id))
  let n = first
  while (known.has(`${stem}-${n}`)) n++
  return `${stem}-${n}`
}
