import type { FindingCode } from '@hestiad/core'
import type { Step } from '../shell/steps.js'

/** The step in which a finding is mended. */
export const stepOf: Record<FindingCode, Step> = {
  'places.too-narrow': 'brief',
  'places.narrow': 'brief',
  'places.knees': 'brief',
  'setting.crowded': 'settings',
  'flatware.missing': 'settings',
  'cloth.short': 'linens',
  'cloth.long': 'linens',
  'cloth.lap': 'linens',
  'cloth.floor': 'linens',
  'cloth.uneven': 'linens',
  'runner.places': 'linens',
  'runner.overhang': 'linens',
  'mats.gap': 'linens',
  'piece.setting': 'centerpiece',
  'piece.piece': 'centerpiece',
  'piece.off': 'centerpiece',
  'piece.support': 'centerpiece',
  'sight.hidden': 'centerpiece',
  'candle.misfit': 'light',
  'candle.short': 'light',
  'candle.long-burn': 'light',
  'flame.near': 'light',
  'flame.flame': 'light',
  'flame.household': 'light',
  'stems.mouth': 'florals',
  'stems.sparse': 'florals',
  'stems.short': 'florals',
  'stems.pets': 'florals',
  'stems.pets-unknown': 'florals',
  'money.over': 'buy',
  'money.gap': 'buy'
}
