import type { Simmer } from '@elixa/contract';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import { settledVolumeMl, type PanFit } from '../build/fit';
import type { Helping } from '../diners/helpings';
import type { Pan } from '../diners/table';
import { boilingPointC } from '../heat/boilingPoint';
import { shiftIso } from '../time/shiftIso';
import { simmerActions } from './actions';
import { brothLevels, courseFood } from './levels';
import type { PanRounds, SimmerQuestion } from './panRounds';
import { planRound, roundPieces, type RoundGroup } from './planRound';
import { tableSteamG } from './tableSteam';
import { unsatisfied } from './unsatisfied';

/** Time to skim and turn down after the boil. */
const AFTER_BOIL_S = 60;
/** How long people eat one round before the next is ready. Kitchen estimate, 15-25 min. */
const EATING_S = 20 * 60;
/** Share of the pot that noodles or rice may fill at the finish; the rest is broth. Kitchen estimate, 0.4-0.6. */
const FINISH_FILLS = 0.5;

const longest = (groups: readonly RoundGroup[]) => groups[0]?.beforeReadyS ?? 0;
const times = <T>(count: number, one: T): T[] => Array.from({ length: count }, () => one);

const ofPan = (question: SimmerQuestion, pan: Pan, purpose: Helping['purpose']) =>
  question.helpings.filter((one) => one.pan === pan && one.purpose === purpose);

const panFit = ({ fit }: SimmerQuestion, pan: Pan): PanFit | undefined => (pan === 'main' ? fit : fit.aside);

/** How many goes the finish takes, so that it never fills a pan over its mark. */
function finishGoes(question: SimmerQuestion): number {
  const goes = (['main', 'aside'] as const).map((pan) => {
    const fit = panFit(question, pan);
    const finish = ofPan(question, pan, 'finish');
    if (!fit || finish.length === 0) return 0;
    return Math.max(1, Math.ceil(settledVolumeMl(finish) / (fit.usableMl * FINISH_FILLS) - 1e-9));
  });
  return Math.max(...goes);
}

function timePan(question: SimmerQuestion, pan: Pan, goes: number): PanRounds | undefined {
  const { evening, model } = question;
  const fit = panFit(question, pan);
  const pot = ofPan(question, pan, 'pot');
  const finish = ofPan(question, pan, 'finish');
  if (!fit || (pan === 'aside' && pot.length + finish.length === 0)) return undefined;
  const { rounds } = question.fit;
  const heat = pan === 'main' ? evening.heatSource : ASIDE_HEAT;
  const context = { vessel: fit.vessel, heat, boilingC: boilingPointC(evening.place.altitudeM), ...evening.place };
  const groups = pot.length > 0 ? planRound(pot, 1 / rounds, model, context) : [];
  const last = finish.length > 0 ? planRound(finish, 1 / goes, model, context) : [];
  const courses = [
    ...times(rounds, courseFood(pot, rounds)),
    ...times(finish.length > 0 ? goes : 0, courseFood(finish, goes)),
  ];
  return {
    pan,
    context,
    fit,
    rounds: times(rounds, groups),
    finishes: times(goes, last),
    levels: brothLevels(fit, courses, tableSteamG(evening, fit.vessel, heat, EATING_S)),
  };
}

/**
 * When everything goes in and comes out, back from sitting down: the first round is ready as people sit down, each
 * later one when the one before has been eaten, and the finish after the last.
 * @returns times in seconds from lighting the burner
 */
export function planSimmer(question: SimmerQuestion): Simmer {
  const { evening, model, fit } = question;
  const goes = finishGoes(question);
  const pans = (['main', 'aside'] as const).flatMap((pan) => timePan(question, pan, goes) ?? []);
  const first = (one: PanRounds) => Math.ceil(longest(one.rounds[0] ?? []));
  const toBoilS = (one: PanRounds) => Math.ceil(model.toBoilS(one.fit.potBrothMl, one.context));
  const firstReadyS = Math.max(...pans.map((one) => toBoilS(one) + AFTER_BOIL_S + first(one)));
  const roundS = Math.max(EATING_S, ...pans.map((one) => first(one) + AFTER_BOIL_S));
  const readyAtS = Array.from({ length: fit.rounds }, (_, index) => firstReadyS + index * roundS);
  const lastReadyS = readyAtS[readyAtS.length - 1]!;
  const finishS = Math.max(EATING_S, ...pans.map((one) => Math.ceil(longest(one.finishes[0] ?? [])) + AFTER_BOIL_S));
  const finishReadyAtS = Array.from({ length: goes }, (_, index) => lastReadyS + (index + 1) * finishS);

  const pieces = pans.flatMap((one) => [
    ...one.rounds.flatMap((groups, index) => roundPieces(groups, readyAtS[index]!, index + 1, one.pan)),
    ...one.finishes.flatMap((groups, index) =>
      roundPieces(groups, finishReadyAtS[index]!, fit.rounds + index + 1, one.pan),
    ),
  ]);
  const actions = simmerActions({
    evening,
    pieces,
    readyAtS,
    finishReadyAtS,
    pans: pans.map((one) => {
      const boilAtS = firstReadyS - first(one) - AFTER_BOIL_S;
      return { ...one, lightAtS: boilAtS - toBoilS(one), boilAtS };
    }),
  });
  return {
    boilingPointC: boilingPointC(evening.place.altitudeM),
    litAt: shiftIso(evening.sitDownAt, -firstReadyS),
    boilAtS: actions.find((action) => action.kind === 'boil' && action.pan === 'main')?.atS ?? 0,
    readyAtS,
    endsAtS: finishReadyAtS[goes - 1] ?? lastReadyS,
    timing: model.id,
    actions,
    pieces,
    unsatisfied: unsatisfied(question, pans, pieces),
  };
}
