import type { Evening, Simmer, SimmerPiece, Unsatisfied } from '@elixa/contract';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import { ASIDE_PAN } from '../catalogue/vessels';
import type { Fit } from '../build/fit';
import type { Helping } from '../diners/helpings';
import type { Pan } from '../diners/table';
import { boilingPointC } from '../heat/boilingPoint';
import { showVolume } from '../measures/showMeasure';
import { shiftIso } from '../time/shiftIso';
import { simmerActions } from './actions';
import type { AdditionModel, PanContext } from './additionModel';
import { planRound, roundPieces, type RoundGroup } from './planRound';

/** Time to skim and turn down after the boil. */
const AFTER_BOIL_S = 60;
/** How long people eat one round before the next is ready. Kitchen estimate, 15-25 min. */
const EATING_S = 20 * 60;

export interface SimmerQuestion {
  evening: Evening;
  helpings: readonly Helping[];
  fit: Fit;
  asideBrothMl: number;
  model: AdditionModel;
}

interface PanRounds {
  pan: Pan;
  context: PanContext;
  brothMl: number;
  rounds: RoundGroup[][];
  finish: RoundGroup[];
}

const longest = (groups: readonly RoundGroup[]) => groups[0]?.beforeReadyS ?? 0;

function timePan(question: SimmerQuestion, pan: Pan): PanRounds | undefined {
  const { evening, model, fit } = question;
  const mine = question.helpings.filter((one) => one.pan === pan);
  if (pan === 'aside' && mine.length === 0) return undefined;
  const context: PanContext = {
    vessel: pan === 'main' ? evening.vessel : ASIDE_PAN,
    heat: pan === 'main' ? evening.heatSource : ASIDE_HEAT,
    boilingC: boilingPointC(evening.place.altitudeM),
    roomTempC: evening.place.roomTempC,
  };
  const rounds = pan === 'main' ? fit.rounds : 1;
  const pot = mine.filter((one) => one.purpose === 'pot');
  const finish = mine.filter((one) => one.purpose === 'finish');
  const groups = pot.length > 0 ? planRound(pot, 1 / rounds, model, context) : [];
  return {
    pan,
    context,
    brothMl: pan === 'main' ? fit.potBrothMl : question.asideBrothMl,
    rounds: Array.from({ length: rounds }, () => groups),
    finish: finish.length > 0 ? planRound(finish, 1, model, context) : [],
  };
}

function unsatisfied(question: SimmerQuestion, pieces: readonly SimmerPiece[]): Unsatisfied[] {
  const { evening, fit } = question;
  const found: Unsatisfied[] = [];
  const room = `${showVolume(fit.solidsMl, evening.units)} of food, and the pot takes ${showVolume(fit.usableMl, evening.units)} with its broth`;
  const remedies = ['Use a wider pot', 'Use two pots', 'Take less for each guest'];
  if (evening.service === 'allAtOnce' && fit.rounds > 1) {
    found.push({
      id: 'allAtOnce',
      text: `It does not fit at once: it is planned in ${fit.rounds} rounds`,
      because: `There is ${room}.`,
      remedies,
    });
  } else if (fit.rounds > 3) {
    found.push({
      id: 'manyRounds',
      text: `${fit.rounds} rounds is a long evening for this pot`,
      because: `There is ${room}.`,
      remedies,
    });
  }
  for (const piece of pieces.filter((one) => !one.inWindow || !one.safe)) {
    found.push({
      id: `window-${piece.id}`,
      text: `${piece.ingredientId} does not get the time it needs`,
      because: 'Its windows do not meet those of the rest.',
      remedies: ['Cut it another way'],
    });
  }
  return found;
}

/**
 * When everything goes in and comes out, back from sitting down: the first round is ready as people sit down, each
 * later one when the one before has been eaten, and the finish after the last.
 * @returns times in seconds from lighting the burner
 */
export function planSimmer(question: SimmerQuestion): Simmer {
  const { evening, model, fit } = question;
  const pans = (['main', 'aside'] as const).flatMap((pan) => timePan(question, pan) ?? []);
  const lead = (one: PanRounds) =>
    Math.ceil(model.toBoilS(one.brothMl, one.context)) + AFTER_BOIL_S + Math.ceil(longest(one.rounds[0] ?? []));
  const firstReadyS = Math.max(...pans.map(lead));
  const roundS = Math.max(EATING_S, ...pans.map((one) => Math.ceil(longest(one.rounds[0] ?? [])) + AFTER_BOIL_S));
  const readyAtS = Array.from({ length: fit.rounds }, (_, index) => firstReadyS + index * roundS);
  const lastReadyS = readyAtS[readyAtS.length - 1] as number;
  const finishReadyS = lastReadyS + EATING_S;
  const hasFinish = pans.some((one) => one.finish.length > 0);

  const pieces = pans.flatMap((one) => [
    ...one.rounds.flatMap((groups, index) => roundPieces(groups, readyAtS[index] as number, index + 1, one.pan)),
    ...roundPieces(one.finish, finishReadyS, fit.rounds + 1, one.pan),
  ]);
  const actions = simmerActions({
    evening,
    fit,
    pieces,
    readyAtS,
    finishReadyS: hasFinish ? finishReadyS : undefined,
    pans: pans.map((one) => {
      const toBoilS = Math.ceil(model.toBoilS(one.brothMl, one.context));
      const boilAtS = firstReadyS - Math.ceil(longest(one.rounds[0] ?? [])) - AFTER_BOIL_S;
      return {
        pan: one.pan,
        brothMl: one.brothMl,
        lightAtS: boilAtS - toBoilS,
        boilAtS,
        groups: one.rounds[0] ?? [],
      };
    }),
  });
  return {
    boilingPointC: boilingPointC(evening.place.altitudeM),
    litAt: shiftIso(evening.sitDownAt, -firstReadyS),
    boilAtS: actions.find((action) => action.kind === 'boil' && action.pan === 'main')?.atS ?? 0,
    readyAtS,
    endsAtS: hasFinish ? finishReadyS : lastReadyS,
    timing: model.id,
    actions,
    pieces,
    unsatisfied: unsatisfied(question, pieces),
  };
}
