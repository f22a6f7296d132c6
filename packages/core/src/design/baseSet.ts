import type { Look, PlaceSetting } from './look.js'

/** Charger, plates, glasses and flatware that stay from look to look, while linens, napkins and middle change. */
export interface BaseSet {
  readonly name: string
  readonly laid: BaseParts
}

export type BaseParts = Pick<PlaceSetting, 'plateIds' | 'breadPlateId' | 'glassIds' | 'glassesOutMm' | 'flatwareIds' | 'substitutes' | 'dessertAbove'>

/** What lies at the places of kind A, under a name. */
export function baseSetOf({ setting }: Pick<Look, 'setting'>, name: string): BaseSet {
  const { plateIds, breadPlateId, glassIds, glassesOutMm, flatwareIds, substitutes, dessertAbove } = setting
  return { name, laid: { plateIds, breadPlateId, glassIds, glassesOutMm, flatwareIds, substitutes, dessertAbove } }
}

/** Ids of all it lays, each once. */
export function baseIds({ laid }: BaseSet): string[] {
  const { plateIds, breadPlateId, glassIds, flatwareIds, substitutes } = laid
  return [...new Set([...plateIds, ...(breadPlateId === null ? [] : [breadPlateId]), ...glassIds, ...flatwareIds, ...substitutes.map((one) => one.pieceId)])]
}

/** What of a base set is not laid at the places of kind A, and what of its kinds lies there besides. */
export function besideBase(look: Pick<Look, 'setting'>, base: BaseSet): { readonly without: readonly string[]; readonly with: readonly string[] } {
  const own = baseIds(base)
  const laid = baseIds(baseSetOf(look, ''))
  return { without: own.filter((id) => !laid.includes(id)), with: laid.filter((id) => !own.includes(id)) }
}

/** Whether a value that was kept is a base set that can be laid. */
export function isBaseSet(value: unknown): value is BaseSet {
  const isId = (one: unknown) => typeof one === 'string' && one.length > 0 && one.length <= 64
  const areIds = (list: unknown) => Array.isArray(list) && list.length <= 20 && list.every(isId)
  const { name, laid } = (value ?? {}) as Partial<BaseSet>
  if (typeof name !== 'string' || typeof laid !== 'object' || laid === null) return false
  const { plateIds, breadPlateId, glassIds, glassesOutMm, flatwareIds, substitutes, dessertAbove } = laid as Partial<BaseParts>
  return (
    areIds(plateIds) &&
    areIds(glassIds) &&
    areIds(flatwareIds) &&
    (breadPlateId === null || isId(breadPlateId)) &&
    typeof glassesOutMm === 'number' &&
    Number.isFinite(glassesOutMm) &&
    glassesOutMm >= 0 &&
    typeof dessertAbove === 'boolean' &&
    Array.isArray(substitutes) &&
    substitutes.every((one: unknown) => isId((one as { pieceId?: unknown } | null)?.pieceId) && typeof (one as { role?: unknown }).role === 'string')
  )
}
