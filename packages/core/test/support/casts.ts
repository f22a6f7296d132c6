import { createAssessor, type Look } from '@hestiad/core'
import { castModel, type CastModel } from '../../src/wholeLook/castModel.js'
import type { Uncosted } from '../../src/wholeLook/laidCast.js'
import type { WholeLookOptions } from '../../src/wholeLook/wholeLook.js'

/** What may be cast for a look, and what it is worth. */
export function modelOf(look: Look, options: Partial<WholeLookOptions> = {}): CastModel {
  return castModel(look, { from: 'few-new', want: 1, seed: 1, ...options }, createAssessor().measure(look).figures.money.workingCents)
}

/** Every cast there is, one by one. */
export function everyCast({ layers }: Pick<CastModel, 'layers'>): Uncosted[] {
  const { cloths, runners, stacks, napkins, glasses, flatware } = layers
  return cloths.flatMap((cloth) =>
    runners.flatMap((runner) =>
      stacks.flatMap((stack) =>
        napkins.flatMap((napkin) => glasses.flatMap((set) => flatware.map((pattern) => ({ ...stack, cloth, runner, napkin, glasses: set, flatware: pattern }))))
      )
    )
  )
}
