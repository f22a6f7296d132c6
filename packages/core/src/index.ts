export * from './units/length.js'
export { numberedId, slug } from './units/slug.js'
export * from './units/money.js'
export * from './units/clock.js'
export * from './geometry/point.js'
export * from './geometry/outline.js'
export { type Polygon, type Run } from './geometry/polygon.js'
export * from './geometry/footprint.js'
export * from './geometry/random.js'
export * from './design/piece.js'
export { pieceSize } from './design/pieceSize.js'
export * from './design/course.js'
export * from './design/look.js'
export * from './design/menu.js'
export * from './reference/folds.js'
export * from './design/find.js'
export * from './design/edit.js'
export {
  newGuest,
  newLook,
  newPlaced,
  oneKind,
  plainGuest,
  plainLinens,
  plainPlaced,
  plainRoom,
  plainSchool,
  plainSetting,
  plainTable,
  type Wishes
} from './design/newLook.js'
export * from './design/finding.js'
export { swapEdit, sameJob, mergeStems } from './design/swap.js'
export { takeOffEdit, withAllAbove } from './design/takeOff.js'
export * from './solids/solid.js'
export {
  floorExtent,
  headroomMm,
  isSupport,
  LANTERN_FLOOR_MM,
  pieceSolids,
  rimHeightMm,
  standHeightMm,
  STEMS_SHARE,
  takesStems,
  vesselBelly
} from './solids/pieceSolids.js'
export {
  FACE_BELOW_EYES_MM,
  FACE_HALF_HEIGHT_MM,
  FACE_HALF_WIDTH_MM,
  CHILD_STANDING_EYE_MM,
  EYES_BEHIND_EDGE_MM,
  eyeAboveSeatMm,
  STANDING_EYE_MM
} from './reference/bodies.js'
export { placeWidthMm, EDGE_GAP_MM } from './reference/places.js'
export { FLAME_HEIGHT_MM, LIT_BEFORE_MIN } from './reference/candles.js'
export { tableOutline } from './seating/tableOutline.js'
export { splitOnBox } from './seating/placesOnBox.js'
export { shareWidths } from './seating/placeWidths.js'
export * from './serving/buffet.js'
export { foodMl, servings, vesselsFor, type Serving } from './serving/dishes.js'
export { glassesAsked } from './serving/menuFindings.js'
export { tableDishes, type TableDish } from './serving/tableDishes.js'
export * from './reference/portions.js'
export * from './reference/room.js'
export { kneeHeightMm, sideBehind } from './seating/roomFindings.js'
export { isSmallChild, kindKeys, kindsByPlace, placeLayouts, settingFor, settingOf, type KindKey, type PlaceLayout } from './settings/settingKinds.js'
export { laidItems, settingCrowding } from './settings/settingCrowding.js'
export { checkCodes, layingChecks, layingMinutes, partialSets, type LayingCheck } from './settings/laying.js'
export { sharedTraits, type SharedTrait } from './settings/sharedTraits.js'
export { setSpreads, type SetSpread } from './settings/spreadSets.js'
export { SEPARATE_DL, stackReading } from './settings/stackFindings.js'
export { settingIds } from './design/settingIds.js'
export { cuttingPlan, type CuttingPlan } from './sewing/cuttingPlan.js'
export { cutStock, type CutStock, type StockDemand } from './sewing/cuttingStock.js'
export { problemOf, scoreOf, seatEdit, seatGuests, seatingNow, type Seating } from './seating/seatGuests.js'
export { wishWeights, type WishKind } from './seating/seatWishes.js'
export { fitToTable, type TableFit } from './centerpiece/fitToTable.js'
export { tableSeams } from './seating/polygonTables.js'
export { tableSupports } from './seating/tableSupports.js'
export { capacity, seatPlan, type SeatPlan } from './seating/seatPlan.js'
export { guestEyes } from './seating/eyes.js'
export type { Place } from './seating/places.js'
export { joinedExtent, topperHang } from './linens/clothDrop.js'
export { clothDrop, clothOutline, type ClothHang } from './linens/clothDrop.js'
export { foldedSize, laidRunners, runnerLay, straightTextile, type RunnerLay } from './linens/runnerStrips.js'
export { textilesAsRunner, type FoldedTextile } from './linens/textilesAsRunner.js'
export type { CompositionFigures } from './composition/compositionFigures.js'
export { coveredShare, freeMiddle } from './composition/freeMiddle.js'
export { visualWeight } from './composition/visualWeight.js'
export * from './reference/composition.js'
export { massOf, volumeOf } from './stability/massOf.js'
export { tilts, type Tilt } from './stability/tilt.js'
export { clearing, type Clearing } from './stability/clearing.js'
export { garlandPaths, layGarland, type GarlandLay } from './centerpiece/layGarland.js'
export { proposeCenterpiece, SEARCH_ROUNDS, type CenterpieceProposal, type ProposeOptions } from './compose/proposeCenterpiece.js'
export { heightMap, tallestMm, type HeightMap } from './sight/heightMap.js'
export { anneal } from './compose/anneal.js'
export { formatWeight } from './units/weight.js'
export { alignEdit, alongEdgeEdit, distributeEdit, groupEdit, mirrorAxes, mirrorEdit, movedWith, twinOf, type MirrorAxis } from './composition/arrangeEdits.js'
export { cordRoutes, type CordRoute } from './composition/cords.js'
export { coverThese, type CoverThis } from './composition/coverThese.js'
export { dropOnto, type Onto } from './composition/dropOnto.js'
export { snap, snapKinds, type Snap, type SnapKind } from './composition/snap.js'
export { layRow } from './centerpiece/layRow.js'
export { coverSpots, type CoverSpot } from './linens/coverFindings.js'
export { dropLimits, type LinenFigures } from './linens/linenFindings.js'
export { flatwareFor, MOST_OF_ONE, type FlatwareOrder } from './settings/flatwareFor.js'
export { foldedNapkin, settingItems, type SettingItem, type SettingLayout } from './settings/settingItems.js'
export { fillWith, type Fill } from './centerpiece/fillWith.js'
export { insides, type Inside } from './centerpiece/inside.js'
export { putNear } from './centerpiece/putNear.js'
export { packDiscs, packMost } from './geometry/packing.js'
export { leanAgainst } from './stability/mannerProposals.js'
export { leanFault } from './stability/mannerFindings.js'
export { panelOf } from './solids/panel.js'
export { mechanicsOf } from './florals/mechanics.js'
export { sparePieces, spareCount } from './design/spare.js'
export { behindGuests, doorEye, extentOfRoom, viewFindings, viewPlace, type BehindGuest } from './sight/roomViews.js'
export { rayMeets } from './sight/rayMeets.js'
export { sightByHeight, type SeenAtHeight } from './sight/sightByHeight.js'
export { atMeal, isPliant, standings, type Manner, type Standing } from './centerpiece/standing.js'
export { piecesOverlapMm } from './centerpiece/collisions.js'
export { freeSpot } from './centerpiece/freeSpot.js'
export { sightLines, type SightLines } from './sight/sightLines.js'
export { tableSight, HIDDEN_LIMIT, type TableSight, type SightCost } from './sight/tableSight.js'
export { clearHeightMm } from './sight/clearHeight.js'
export { burnHours, candleLifeMin, heightAfterMm, waxMassG } from './light/candleLife.js'
export { holderFit, type HolderMisfit } from './light/holderFit.js'
export { flameDistanceMm, flamesOf, type Flame } from './light/flames.js'
export type { CandleEvening } from './light/lightFindings.js'
export { stemsThroughMouth } from './florals/stemsThroughMouth.js'
export { arrangementNeeds, domeMm2, type ArrangementNeeds } from './florals/arrangementNeeds.js'
export { petCaution, type PetCaution } from './florals/petCaution.js'
export type { ArrangementFigures } from './florals/floralFindings.js'
export { cheapestPacks, type PackMix } from './money/cheapestPacks.js'
export * from './design/money.js'
export { compareLooks, withGuests, type ComparedLine, type CompareTerms, type LookComparison } from './money/compareLooks.js'
export { countedAs, needs, standInsFor, type Need } from './money/needs.js'
export { offersByPiece } from './money/offersByPiece.js'
export { supplyNeeds, type SupplyNeed } from './money/supplyNeeds.js'
export { buyingProblem, isFresh, MOST_REUSE_PERCENT, linesToBuy, orderByDay, usableOffers, type BuyingProblem } from './buying/buyingProblem.js'
export { withoutDominated } from './buying/dominated.js'
export { blockedLines, type Blocked, type Unblock } from './buying/blocked.js'
export { evaluatePlan, planBuying, type Plan, type Solution, type Solve } from './buying/plan.js'
export { planModel } from './buying/planModel.js'
export { plainShop, receiptOf, couponCents, type Receipt } from './buying/receipt.js'
export { plainSupply } from './reference/supplies.js'
export { buyList, reserveCents, type BuyLine, type BuyList, type PartFigures, type ShopOrder } from './money/buyList.js'
export type { Figures } from './assess/figures.js'
export { assess, createAssessor, type Assessment, type Assessor } from './assess/assess.js'
export { savings, type Saving } from './assess/savings.js'
export type { Measured } from './assess/measure.js'
export * from './cupboard/facts.js'
export { alternateUses, type AlternateUse, type UseCheck } from './cupboard/alternateUse.js'
export { claimsOn, type OtherLook } from './cupboard/claims.js'
export { createCupboardSearch, isLow, largestMm, noFacets, type CupboardSearch, type Facets } from './cupboard/search.js'
export { costPerUseCents, usesOf, type Uses } from './cupboard/uses.js'
export { setStates, type SetState } from './cupboard/sets.js'
export { mainColors } from './cupboard/mainColors.js'
export { colorWords, lightnessOf, oklab } from './cupboard/colorWords.js'
export { withUsualSizes } from './cupboard/usualSizes.js'
