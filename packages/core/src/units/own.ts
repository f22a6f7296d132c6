/** A member that a table itself has: nothing for `constructor` and whatever else every object answers to. */
export function own<Value>(table: Readonly<Record<string, Value>>, name: string): Value | undefined {
  return Object.hasOwn(table, name) ? table[name] : undefined
}
