import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Cloth, Flatware, Glass, Napkin, Plate, Runner } from '../design/piece.js'
import type { LayerCast } from './layerCast.js'

export type Uncosted = Omit<LayerCast, 'kinship' | 'costCents'>
/** Linens, plates and napkin: all that is seen of a place but glasses and flatware. */
export type Cover = Omit<Uncosted, 'glasses' | 'flatware'>

/** Plates of a place from the lowest up, with null for one that is not laid. */
export const platesOf = ({ charger, dinner, upper }: Pick<Cover, 'charger' | 'dinner' | 'upper'>): readonly (Plate | null)[] => [charger, dinner, ...upper]

/** The layers as they are laid for everybody now. */
export function laidCast(look: Look): Uncosted {
  const { linens, setting } = look
  const byId = pieceIndex(look)
  const one = <P>(id: string | null | undefined) => (byId.get(id ?? '') as P | undefined) ?? null
  const all = <P>(ids: readonly string[]) => ids.flatMap((id) => (byId.get(id) as P | undefined) ?? [])
  const plates = all<Plate>(setting.plateIds)
  const dinner = plates.find((plate) => plate.role === 'dinner') ?? null
  const charger = plates.find((plate) => plate.role === 'charger') ?? null
  return {
    cloth: one<Cloth>(linens.clothId),
    runner: one<Runner>(linens.runner?.pieceId),
    charger,
    dinner,
    upper: plates.filter((plate) => plate !== charger && plate !== dinner),
    napkin: one<Napkin>(setting.napkin?.pieceId),
    glasses: all<Glass>(setting.glassIds),
    flatware: all<Flatware>(setting.flatwareIds)
  }
}
