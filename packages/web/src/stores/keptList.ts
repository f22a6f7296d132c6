/** A list this browser keeps under a name: what of it is sound; empty where it was never kept or cannot be read. */
export function keptList<T>(name: string, sound: (one: unknown) => readonly T[]): T[] {
  try {
    const list: unknown = JSON.parse(localStorage.getItem(name) ?? '[]')
    return Array.isArray(list) ? list.flatMap(sound) : []
  } catch {
    return []
  }
}
