import type { Stage } from '../catalogue/style';
import type { Pan } from '../diners/table';
import { standsMm } from '../arrange/fit';
import { holdsBoil } from '../heat/burner';
import { showVolume } from '../measures/showMeasure';
import { showLength } from '../measures/showSize';
import {
  hot,
  into,
  isDry,
  saidIn,
  shown,
  stageSays,
  where,
  WORTH_POURING_ML,
  type ActionQuestion,
  type Draft,
} from './drafts';
import type { Filling, TimedPan } from './panRounds';
import { shortName } from '../catalogue/shortName';

/** A filling that is built anew finds what is left of the one before. */
const emptying = ({ course, startS, round }: Filling, pan: Pan): Draft => {
  const isDryNext = course.early.some(({ stage }) => isDry(stage));
  const pot = pan === 'main' ? '' : ' of the small pan';
  return {
    id: pan === 'main' ? `empty-${round}` : `empty-${round}-${pan}`,
    atS: startS,
    kind: 'lift',
    round,
    pan,
    empties: true,
    says: `Ladle out what is left${pot}${isDryNext ? ', and wipe it dry' : ''}`,
  };
};

function pouring(question: ActionQuestion, one: TimedPan, stage: Stage, atS: number, round: number): Draft[] {
  const { menu, readyAtS, firstRound } = question;
  const { pan, fit } = one;
  const rounds = readyAtS.length - firstRound + 1;
  const pouredMl = fit.potBrothMl - fit.heldMl;
  if (pouredMl < WORTH_POURING_ML) return [];
  return [
    {
      id: round === 1 ? `pour-${pan}` : `pour-${pan}-${round}`,
      atS,
      kind: 'pour',
      round,
      pan,
      stageId: stage.id,
      volumeMl: pouredMl,
      says: hot(saidIn(pan, stage.says), menu),
      shownText:
        menu.sides && pan === 'main'
          ? `${showVolume(pouredMl / 2, menu.evening.units)} of each`
          : showVolume(pouredMl, menu.evening.units),
      lookFor:
        menu.pour.kind === 'share' || menu.pour.kind === 'ladles'
          ? `${stage.untilCue}, about ${showLength(standsMm(fit, rounds, menu.pour), menu.evening.units)} deep`
          : stage.untilCue,
    },
  ];
}

/** What lies in a pan from before the boil, and what browns in it. */
function layingIn({ menu, going }: ActionQuestion, { course, round }: Filling, pan: Pan, joinsLight: boolean): Draft[] {
  return going
    .filter(({ piece }) => piece.pan === pan && piece.round === round && piece.countsFromS > piece.inAtS)
    .map(({ piece, stageId }) => {
      const stage = course.stages.find((each) => each.id === stageId)!;
      const name = shortName(piece.ingredientId, piece.cut);
      return {
        id: `add-${piece.id}`,
        atS: piece.inAtS,
        kind: stage.do === 'fry' ? 'fry' : 'add',
        round,
        pan,
        stageId,
        ingredientId: piece.ingredientId,
        cut: piece.cut,
        pieceId: piece.id,
        massG: piece.massG,
        shownText: shown(piece, menu.evening.units),
        says: stage.do === 'fry' ? stageSays(stage, [name]) : `${name} into ${into(menu, piece)}`,
        lookFor: stage.untilCue,
        joinsLight,
      };
    });
}

/** Fat melted, slices seared and what is let go from the bottom, in the dry pan. */
function dryWork({ menu, seared }: ActionQuestion, { course, startS }: Filling, pan: Pan): Draft[] {
  return course.early
    .filter(({ stage }) => isDry(stage) && stage.do !== 'fry')
    .flatMap(({ stage, atS, portions }) =>
      portions.map((portion): Draft => {
        const piece = seared.find((each) => each.ingredientId === portion.ingredientId && each.cut === portion.cut);
        return {
          id: `${stage.do}-${portion.ingredientId}`,
          atS: startS + atS,
          kind: stage.do,
          round: 1,
          pan,
          stageId: stage.id,
          ingredientId: portion.ingredientId,
          cut: portion.cut,
          pieceId: stage.do === 'sear' ? piece?.id : undefined,
          massG: portion.massG,
          shownText: shown({ ...portion, cut: portion.cut ?? '' }, menu.evening.units),
          says: stageSays(stage, [shortName(portion.ingredientId, portion.cut ?? '')]),
          lookFor: stage.untilCue,
        };
      }),
    );
}

function lighting(
  menu: ActionQuestion['menu'],
  one: TimedPan,
  { course, startS, round }: Filling,
  pour: Stage | undefined,
  isHeatedDry: boolean,
): Draft {
  const { sides } = menu;
  const { pan, context } = one;
  const lid = context.vessel.lid ? ', lid on' : '';
  const isBuilt = course.early.length > 0 && !isHeatedDry && pour !== undefined;
  const says = isHeatedDry
    ? 'Medium heat under the empty pan, to warm it'
    : `${hot(isBuilt ? saidIn(pan, pour.says) : sides && pan === 'main' ? 'Each broth into its side' : `Broth into ${where(pan)}`, menu)}${lid}, high heat`;
  return { id: `light-${pan}`, atS: startS, kind: 'light', round: isHeatedDry ? 1 : round, pan, says };
}

/** Lighting, what is done in the dry pan, what lies in the pot before it boils, the liquid, and the boil. */
export function beginning(question: ActionQuestion): Draft[] {
  const { firstRound } = question;
  return question.pans.flatMap((one) =>
    one.fillings.flatMap((filling): Draft[] => {
      const { pan, context, fit } = one;
      const { course, startS, boilS, round } = filling;
      const isFirst = round === firstRound;
      const lidStays = context.vessel.lid && holdsBoil(context) === 'lidded';
      const thenLid = lidStays ? 'leave the lid on' : context.vessel.lid ? 'lid off' : undefined;
      const thenHeat = [...(pan === 'main' && thenLid ? [thenLid] : []), 'down to a simmer'].join(', ');
      const isHeatedDry = course.early.some(({ stage }) => isDry(stage));
      const joinsLight = isFirst && !isHeatedDry;
      const pour = course.stages.find((stage) => stage.do === 'pour');
      const pourAtS = joinsLight ? startS : startS + course.pouredS;
      return [
        ...(isFirst ? [] : [emptying(filling, pan)]),
        ...(isFirst ? [lighting(question.menu, one, filling, pour, isHeatedDry)] : []),
        ...(pour ? pouring(question, one, pour, pourAtS, round) : []).map((draft) => ({ ...draft, joinsLight })),
        ...dryWork(question, filling, pan),
        ...layingIn(question, filling, pan, joinsLight),
        {
          id: isFirst ? `boil-${pan}` : `boil-${pan}-${round}`,
          atS: boilS,
          kind: 'boil',
          round,
          pan,
          says: `${pan === 'main' ? 'It boils' : 'The small pan boils'}: ${thenHeat}`,
          lookFor:
            fit.coveringMl > 0 ? 'bubbles all over, not only at the edge' : 'bubbles rise between the food everywhere',
        },
      ];
    }),
  );
}
