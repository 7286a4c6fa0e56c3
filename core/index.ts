export {
  cutKey,
  drawFromAbove,
  type Block,
  type Buildable,
  type DrawnBunch,
  type DrawnPiece,
  type Layer,
  type PotDrawing,
  type Stick,
} from './arrange/drawing/fromAbove';
export {
  bestCutDeg,
  drawFromSide,
  outlineOf,
  wallLineOf,
  type SideDrawing,
  type StandingBlock,
} from './arrange/drawing/fromSide';
export { lookOf } from './arrange/drawing/lookOf';
export {
  bunchAt,
  isMovable,
  laidOf,
  lockedAs,
  lockedOf,
  moved,
  nextTo,
  onSideOf,
  spotAt,
  stepped,
  swapped,
  turned,
  type Spot,
} from './arrange/moves';
export { capacityBy, depthBy, widthBy, type Third } from './arrange/measured';
export type { Point } from './arrange/outline';
export { brothAtLevel, isCovered, pouredToMm } from './arrange/level';
export { radiusAtMm, volumeBelowMl, heightAtMm, headroomMm, usableVolumeMl } from './arrange/vesselShape';
export { BASES, BROTHS, FORMULAS, formulaById, MARINADES, SAUCES } from './catalogue/formulas';
export type { Formula, FormulaKind, PotFamily } from './catalogue/formula';
export { belongsTo, HEAT_SOURCES } from './catalogue/heatSources';
export { firstFullAt, sunkAt } from './arrange/sunk';
export { isOfRoom } from './simmer/room';
export { FAMILIES, type Family } from './catalogue/family';
export { GLAZES } from './catalogue/glazes';
export { FAMILY_GLYPH, type Glyph } from './catalogue/look';
export type { Ingredient } from './catalogue/ingredient';
export { INGREDIENTS, ingredientById, hasIngredient } from './catalogue/ingredients';
export { KIN_WORDS, kinOf, likesOf, POT_FOOD, potCutsOf, usualSlotOf } from './catalogue/kin';
export { cutAt, isCutByThickness } from './catalogue/cutThickness';
export { findAtPot, findFood, findThing, thingNamed } from './catalogue/findFood';
export { ownIdOf, ownIngredient } from './catalogue/ownThings';
export { CATALOGUE, catalogueOf, type Catalogue } from './catalogue/catalogue';
export { nameOf } from './catalogue/nameOf';
export { FINISHES, finishById, NO_FINISH } from './catalogue/finishes';
export { BEAN_SCHOOLS, beansSoak } from './catalogue/beanSoak';
export { brothBodyOf, type BrothBody } from './taste/brothBody';
export { colourOf } from './taste/colourWords';
export { fractionText } from './measures/fraction';
export { capital } from './measures/capital';
export { mixedParts, partsTyped, ratioOf, takesRatio, THINNER } from './formula/ratio';
export { lackingIn, type Lack } from './evening/lacking';
export { suitsMarinade } from './evening/marinades';
export { fits, schoolOf, type School, type SchoolChoice } from './catalogue/school';
export type { Finish, Pour, Role, Stage, Style, StyleSlot } from './catalogue/style';
export { findStyles } from './catalogue/findStyles';
export { STYLES, schoolsOfStyle, styleById } from './catalogue/styles';
export { MATERIALS } from './catalogue/materials';
export { VESSELS } from './catalogue/vessels';
export { differsFromKept, housePotOf, housePotSays, withHousePot } from './evening/housePot';
export { keptPots, mergePots } from './evening/keptPots';
export { potsInWords, potsOf } from './evening/eachPot';
export { foodTonight, headsTonight, type FoodTonight } from './evening/foodTonight';
export type { Menu } from './evening/menu';
export { checkEvening, EveningError, resolveMenu, type Resolved } from './evening/resolveMenu';
export { finishesOf, finishOf, hasRice } from './evening/tonight';
export { vesselSuits, type Suitability } from './evening/vesselFit';
export { portionOf } from './diners/portion';
export { applyEdit, applyEdits } from './evening/edits/applyEdit';
export { droppedByStyle, styleChosen } from './evening/edits/styleChosen';
export { whyNot } from './diners/whyNot';
export { schoolsOf } from './formula/schools';
export { THINNER_WORDS } from './formula/stepWords';
export { chosenLiquids } from './evening/chosenLiquids';
export { mendPot, strengthAsMade, type Complaint, type Mend } from './formula/mend';
export { restAfter, type Rest } from './formula/weigh';
export {
  doubtPctOf,
  fitBurner,
  litreS,
  USUAL_SHARE_PCT,
  WaterTestError,
  type Fitted,
  type WaterTest,
} from './heat/waterTest';
export { usefulPowerW } from './heat/burner';
export { boilingPointC } from './heat/boilingPoint';
export { differences, type Difference } from './simmer/compare';
export { whatIfs, whatIfsOf, type WhatIf } from './simmer/whatIfs';
export { pieceAt, type PieceMoment } from './simmer/pieceAt';
export { spanText } from './simmer/because';
export { wrongWith } from './simmer/problems';
export { isDryAt, traceAt, traceBeforeS, traceEndS, type TraceMoment } from './simmer/traceAt';
export { simulate } from './pot/simulate';
export { potAtRest, USUAL_KITCHEN, type Kitchen, type PotState, type TimedAct } from './pot/state';
export { heatPiece, type PieceInBath } from './heat/heatPiece';
export {
  againstIt,
  besideFact,
  extrasIn,
  harmBeside,
  outOfPots,
  pourable,
  withExtras,
  type Fire,
  type Unasked,
} from './live/beside';
export { factWords, speakerOf, toldLines, type ToldLine } from './live/besideWords';
export { changesSince } from './live/changesSince';
export { doneAtS, doneLines, stepTaps, type StepTap } from './live/doneLines';
export { boilAwaited, boilWords, type BoilAwaited } from './live/boilAwaited';
export { factsOf, notYetOf } from './live/facts';
export { foldLive, potClockS, WAITING, type LiveState } from './live/foldLive';
export { upcastLog, type AnyLog } from './live/upcast';
export { liveSteps, type LiveStep } from './live/liveSteps';
export { planHashOf } from './live/planHash';
export { programOfFacts, sightingsOf } from './live/programOfFacts';
export { boilsNext, type Belief, estimate, type Estimate, priorOf } from './live/estimate';
export { cueMoment, saidAloud, spokenCue, spokenRescue, type CueMoment } from './live/spoken';
export { heard, type Answer, type Asked } from './live/heard';
export { askedNow, repliedTo } from './live/replied';
export { watchNow, type Watch } from './live/watchNow';
export { expected, restOf } from './live/restOf';
export { potsNow } from './live/potsNow';
export { planFrom, type PlannedAgain } from './live/planFrom';
export type { PotNow } from './live/planSoFar';
export { lookAgain, type Look, type PieceForecast } from './live/lookAgain';
export { makeWatching, type StoveQuestion, type Watched } from './live/watching';
export { movedWords, whatMoved, type Moved } from './live/whatMoved';
export { practiceReadings, type PracticeQuestion, type PracticeReading } from './rehearsal/practice';
export { rehearseEvening, rehearseInSteps } from './rehearsal/rehearseEvening';
export type { EveningRehearsed, EveningToldAgain } from './rehearsal/rehearsed';
export { MISHAPS, type Mishap } from './rehearsal/mishaps';
export { byHandScore, seenOf, type Truth } from './rehearsal/byHand';
export {
  makeRehearsing,
  rehearsalAt,
  type Rehearsed,
  type RehearsalQuestion,
  type TruthQuestion,
} from './rehearsal/rehearsing';
export { beliefOff, watchTonight, type ToWatch } from './rehearsal/watchTonight';
export { heldSeconds, heldWords } from './simmer/heldSeconds';
export { roundName, slicesFirst } from './simmer/roundName';
export { fireTold } from './live/fireTold';
export { liveView, type Change, type InPot, type LiveView, type NextStep, type Rescue } from './live/liveView';
export { perHeadTyped } from './measures/perHeadTyped';
export { parseAmount } from './measures/parseAmount';
export { gramsTyped } from './measures/gramsTyped';
export { showPinch, showVolume } from './measures/showMeasure';
export { showLength, showWeight, withLengths } from './measures/showSize';
export { newEvening } from './evening/newEvening';
export { planEvening, prepFromNow, prepProblemOf, remediesFromNow } from './planEvening/planEvening';
export { makePlanning, type Found, type PlanningQuestion } from './planEvening/planning';
export { programOf, rehearsedOf } from './planEvening/rehearsed';
export { planPot } from './planEvening/planPot';
export { relaid } from './planEvening/buildOf';
export { buildSteps, type BuildStep } from './planEvening/buildSteps';
export { litAtOf, potCard, type PotCard } from './planEvening/potCard';
export { saucesOf } from './planEvening/sauces';
export { previewStyle, type PotPreview } from './planEvening/previewStyle';
export type { Steps } from './steps/steps';
export type { PrepClock } from './prep/planPrep';
export { andList } from './measures/andList';
export { goesInFrozen, isHeatedThrough, isMeatOrFish } from './catalogue/kinds';
export { shortName } from './catalogue/shortName';
export { counterList, onCounterByPrep, type CounterItem } from './prep/counter';
export { lanesOf, type Lane } from './prep/lanes';
export { doneInCalendar, prepCalendar } from './formats/calendar';
export { pantryCsv, pantryFromCsv, shoppingCsv } from './formats/csv';
export { SECTION_WORDS, shoppingText } from './formats/shoppingText';
export { programText } from './formats/programText';
export type { Section } from './catalogue/pack';
export { isBoughtReady, prepWorkOf } from './catalogue/prepWork';
export { inStock, mergePantry, pantryKey, putAway, takenOut, type Count } from './shopping/pantry';
export { shoppingList } from './shopping/shoppingList';
export { listAlone, solvePrep } from './prep/solve';
export { shiftIso } from './time/shiftIso';
export { asSwap } from './shopping/exchangesFromHouse';
export { nearestFirst } from './catalogue/nearestFirst';
