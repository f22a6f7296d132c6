import { collisionProposals } from '../centerpiece/centerpieceProposals.js'
import { compositionProposals } from '../composition/compositionProposals.js'
import { artProposals, socketProposals } from '../composition/wallProposals.js'
import { cordProposals } from '../composition/cordProposals.js'
import { coverTheseProposals } from '../composition/coverTheseProposals.js'
import { wallFindings } from '../composition/wallFindings.js'
import { viewFindings } from '../sight/roomViews.js'
import { clearingProposals } from '../stability/clearing.js'
import { headroomProposals, leanProposals, loadProposals, looseProposals } from '../stability/mannerProposals.js'
import type { BareFinding, FindingCode, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { mouthProposals, petProposals, shortStemProposals, sparseProposals } from '../florals/floralProposals.js'
import { householdProposals, longBurnProposals, misfitProposals, nearFlameProposals, shortCandleProposals } from '../light/lightProposals.js'
import { clothProposals, flawProposals, joinSeamProposals, matProposals, runnerProposals, topperProposals } from '../linens/linenProposals.js'
import { capProposals, claimProposals, gapProposals, overBudgetProposals, reserveProposals } from '../money/moneyProposals.js'
import {
  behindProposals,
  benchProposals,
  chairProposals,
  fixtureProposals,
  highChairProposals,
  seamProposals,
  wheelchairKneeProposals,
  wheelchairWidthProposals
} from '../seating/roomProposals.js'
import { kneeProposals, seatingProposals } from '../seating/seatingProposals.js'
import { crowdedProposals, missingFlatwareProposals } from '../settings/settingProposals.js'
import { chargerProposals, childProposals, clashProposals, foldProposals, starProposals } from '../settings/stackProposals.js'
import { buffetProposals, dietProposals, dishProposals, glassProposals } from '../serving/menuProposals.js'
import { edgeProposals, handsProposals, sunkProposals, tipProposals } from '../stability/stabilityProposals.js'
import { sightProposals } from '../sight/sightProposals.js'
import type { Measured } from './measure.js'

type ProposeFor = (look: Look, finding: BareFinding, measured: Measured) => Proposal[]

const around = (measured: Measured) => ({ outline: measured.plan.outline, laid: measured.laid })
const collision: ProposeFor = (look, finding, measured) => collisionProposals(look, finding, around(measured))
const nearFlame: ProposeFor = (look, finding, measured) => nearFlameProposals(look, finding, around(measured))

const compose: ProposeFor = (look, finding, measured) => compositionProposals(look, finding, { ...around(measured), composition: measured.figures.composition })

const hands: ProposeFor = (look, finding, measured) => handsProposals(look, finding, around(measured), measured.figures.stability.tilts)

/** Who proposes remedies for what. */
export const proposals = {
  'places.too-narrow': seatingProposals,
  'places.narrow': seatingProposals,
  'places.knees': kneeProposals,
  'setting.crowded': crowdedProposals,
  'flatware.missing': (look, finding) => (finding.at.kind === 'role' ? missingFlatwareProposals(look, finding.at.role) : []),
  'cloth.short': clothProposals,
  'cloth.long': clothProposals,
  'cloth.lap': clothProposals,
  'cloth.floor': clothProposals,
  'cloth.uneven': clothProposals,
  'runner.places': runnerProposals,
  'runner.overhang': runnerProposals,
  'mats.gap': matProposals,
  'piece.setting': collision,
  'piece.piece': collision,
  'piece.off': collision,
  'piece.support': collision,
  'sight.hidden': (look, finding, measured) => sightProposals(look, finding, measured.lines),
  'candle.misfit': misfitProposals,
  'candle.short': shortCandleProposals,
  'candle.long-burn': longBurnProposals,
  'flame.near': nearFlame,
  'flame.flame': nearFlame,
  'flame.household': householdProposals,
  'stems.mouth': mouthProposals,
  'stems.sparse': sparseProposals,
  'stems.short': shortStemProposals,
  'stems.pets': petProposals,
  'stems.pets-unknown': petProposals,
  'money.over': overBudgetProposals,
  'money.cap': capProposals,
  'money.reserve': reserveProposals,
  'money.gap': gapProposals,
  'piece.claimed': claimProposals,
  'wheelchair.knees': wheelchairKneeProposals,
  'wheelchair.width': wheelchairWidthProposals,
  'chair.wide': chairProposals,
  'bench.short': benchProposals,
  'room.behind': behindProposals,
  'fixture.low': fixtureProposals,
  'table.seam': seamProposals,
  'stack.blends': starProposals,
  'napkin.small': foldProposals,
  'child.setting': childProposals,
  'glass.missing': glassProposals,
  'dish.vessel': dishProposals,
  'dish.liner': dishProposals,
  'dish.room': dishProposals,
  'diet.none': dietProposals,
  'buffet.long': buffetProposals,
  'topper.long': topperProposals,
  'linen.flaw': flawProposals,
  'cloth.seam': joinSeamProposals,
  'dish.tool': dishProposals,
  'dish.heat': dishProposals,
  'charger.buffet': chargerProposals,
  'pattern.clash': clashProposals,
  'high-chair.age': highChairProposals,
  'compose.levels': compose,
  'compose.neighbors': compose,
  'compose.groups': compose,
  'compose.balance': compose,
  'compose.sparse': compose,
  'compose.crowded': compose,
  'compose.scale': compose,
  'compose.back': compose,
  'compose.spread': compose,
  'compose.finish': compose,
  'compose.checklist': compose,
  'compose.middle': compose,
  'piece.tips': tipProposals,
  'piece.edge': (look, finding, measured) => edgeProposals(look, finding, around(measured)),
  'edge.hands': hands,
  'edge.tail': hands,
  'piece.sunk': sunkProposals,
  'piece.opening': sunkProposals,
  'art.hidden': (look, finding, measured) => artProposals(look, finding, around(measured), wallFindings),
  'socket.bare': (look, finding, measured) => socketProposals(look, finding, around(measured)),
  'piece.leans': leanProposals,
  'piece.drape': looseProposals,
  'piece.around': looseProposals,
  'piece.headroom': headroomProposals,
  'piece.load': loadProposals,
  'cover.bare': (look, finding, measured) => coverTheseProposals(look, finding, measured.figures.composition.toCover),
  'cord.reach': (look, finding, measured) => cordProposals(look, finding, around(measured)),
  'cord.seen': (look, finding, measured) => cordProposals(look, finding, around(measured)),
  'cord.floor': (look, finding, measured) => cordProposals(look, finding, around(measured)),
  'view.hidden': (look, finding, measured) => artProposals(look, finding, around(measured), viewFindings),
  'clear.room': clearingProposals
} satisfies Record<FindingCode, ProposeFor>
