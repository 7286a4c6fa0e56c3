import type { Stage } from '../catalogue/style';
import type { Pan } from '../diners/table';
import { standsMm } from '../arrange/fit';
import { heightAtMm } from '../arrange/vesselShape';
import { showVolume } from '../measures/showMeasure';
import { showLength } from '../measures/showSize';
import {
  addedOf,
  brothPoured,
  FRIED_IN_C,
  hot,
  into,
  isDry,
  saidIn,
  shown,
  stageSays,
  where,
  type ActionQuestion,
  type Draft,
} from './drafts';
import { potsInWords, potsOf } from '../evening/eachPot';
import { WORTH_POURING_ML } from './levels';
import type { Filling, TimedPan } from './panRounds';
import { shortName } from '../catalogue/shortName';
import { capital } from '../measures/capital';

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
    fire: 'off',
    lid: 'off',
    does: [{ is: 'ladled', ml: 'all', to: 'jug' }],
    says: `Ladle out what is left${pot} through a strainer, into the jug${isDryNext ? '; wipe the pot dry' : ''}`,
  };
};

/** What a cook sees when enough is poured: over food what the style says of it, in an empty pot how deep a ruler shows it. */
function pouredCue(
  { menu }: ActionQuestion,
  { fit }: TimedPan,
  stage: Stage,
  pouredMl: number,
  isEmpty: boolean,
  rounds: number,
): string {
  const { units } = menu.evening;
  if (isEmpty) return `about ${showLength(heightAtMm(fit.vessel, pouredMl), units)} deep; the food takes the rest`;
  return menu.pour.kind === 'share' || menu.pour.kind === 'ladles'
    ? `${stage.untilCue}, about ${showLength(standsMm(fit, rounds, menu.pour), units)} deep`
    : stage.untilCue;
}

function pouring(
  question: ActionQuestion,
  one: TimedPan,
  stage: Stage,
  atS: number,
  { course, round }: Filling,
): Draft[] {
  const { menu, readyAtS, firstRound } = question;
  const isEmpty = course.early.every(({ portions, stage: early }) => portions.length === 0 || early.do === 'melt');
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
      does: [brothPoured(question, pan, fit.potBrothMl, 'pour')],
      fire: 'high',
      lid: stage.lid,
      says: hot(saidIn(pan, stage.says), menu),
      shownText:
        menu.sides && pan === 'main'
          ? `${showVolume(pouredMl / 2, menu.evening.units)} of each`
          : showVolume(pouredMl, menu.evening.units),
      lookFor: pouredCue(question, one, stage, pouredMl, isEmpty, rounds),
    },
  ];
}

/** What lies in a pan from before the boil, and what browns in it. */
function layingIn({ menu, going }: ActionQuestion, { course, round }: Filling, pan: Pan, joinsLight: boolean): Draft[] {
  return going
    .filter(({ piece }) => piece.pan === pan && piece.round === round && piece.countsFromS > piece.inAtS)
    .map(({ piece, stageId }) => {
      const stage = course.stages.find((each) => each.id === stageId)!;
      const name = shortName(menu.catalogue.byId(piece.ingredientId), piece.cut);
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
        shownText: shown(menu, piece),
        says: stage.do === 'fry' ? stageSays(stage, [name]) : `${name} into ${into(menu, piece)}`,
        lookFor: stage.untilCue,
        joinsLight,
        does: [
          ...(stage.do === 'fry' ? [{ is: 'dryWork' as const, doing: 'fry' as const, panC: FRIED_IN_C }] : []),
          ...addedOf(menu, piece),
        ],
        ...(isDry(stage) ? { fire: 'dry' as const } : {}),
      };
    });
}

const dryDoing = (word: Stage['do']): 'melt' | 'sear' | 'deglaze' =>
  word === 'sear' || word === 'deglaze' ? word : 'melt';

/** Fat melted, slices seared and what is let go from the bottom, in the dry pan. */
function dryWork({ menu, seared }: ActionQuestion, { course, startS }: Filling, pan: Pan): Draft[] {
  return course.early
    .filter(({ stage }) => isDry(stage) && stage.do !== 'fry')
    .flatMap(({ stage, atS, portions }) =>
      portions.map((portion): Draft => {
        const piece = seared.find((each) => each.ingredientId === portion.ingredientId && each.cut === portion.cut);
        const searedId = stage.do === 'sear' ? piece?.id : undefined;
        return {
          id: `${stage.do}-${portion.ingredientId}`,
          atS: startS + atS,
          kind: stage.do,
          round: 1,
          pan,
          stageId: stage.id,
          ingredientId: portion.ingredientId,
          cut: portion.cut,
          pieceId: searedId,
          massG: portion.massG,
          shownText: shown(menu, { ...portion, cut: portion.cut ?? '' }),
          says: stageSays(stage, [shortName(portion.what, portion.cut ?? '')]),
          lookFor: stage.untilCue,
          fire: 'dry',
          does: [
            {
              is: 'dryWork',
              doing: dryDoing(stage.do),
              panC: FRIED_IN_C,
              ...(searedId ? { pieceIds: [searedId] } : {}),
            },
          ],
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
  const { pan } = one;
  const pots = pan === 'main' ? potsOf(menu.evening) : 1;
  // What is told of one of several pots is done at each.
  const all = pots > 1 ? `in each of the ${potsInWords(pots)} pots: ` : '';
  const isBuilt = course.early.length > 0 && !isHeatedDry && pour !== undefined;
  const does = isHeatedDry
    ? 'Warm the empty pan'
    : hot(
        isBuilt
          ? saidIn(pan, pour.says)
          : sides && pan === 'main'
            ? 'Each broth into its side'
            : `Broth into ${where(pan)}`,
        menu,
      );
  const says = all ? `${capital(all)}${does.charAt(0).toLowerCase()}${does.slice(1)}` : does;
  const base = { id: `light-${pan}`, atS: startS, kind: 'light' as const, round: isHeatedDry ? 1 : round, pan, says };
  return isHeatedDry ? { ...base, fire: 'dry' } : { ...base, fire: 'high', lid: pour?.lid ?? 'on' };
}

/** How the lid lies when it boils: as the stage after the pour wants it. */
function lidAtBoil(stages: readonly Stage[]): Stage['lid'] {
  const after = stages.slice(stages.findIndex((stage) => stage.do === 'pour') + 1);
  return after.find((stage) => !stage.beforeBoil && stage.do !== 'enrich')?.lid ?? 'off';
}

/** Lighting, what is done in the dry pan, what lies in the pot before it boils, the liquid, and the boil. */
export function beginning(question: ActionQuestion): Draft[] {
  const { firstRound } = question;
  return question.pans.flatMap((one) =>
    one.fillings.flatMap((filling): Draft[] => {
      const { pan, fit } = one;
      const { course, startS, boilS, round } = filling;
      const isFirst = round === firstRound;
      const isHeatedDry = course.early.some(({ stage }) => isDry(stage));
      const joinsLight = isFirst && !isHeatedDry;
      const pour = course.stages.find((stage) => stage.do === 'pour');
      const pourAtS = joinsLight ? startS : startS + course.pouredS;
      return [
        ...(isFirst ? [] : [emptying(filling, pan)]),
        ...(isFirst ? [lighting(question.menu, one, filling, pour, isHeatedDry)] : []),
        ...(pour ? pouring(question, one, pour, pourAtS, filling) : []).map((draft) => ({ ...draft, joinsLight })),
        ...dryWork(question, filling, pan),
        ...layingIn(question, filling, pan, joinsLight),
        {
          id: isFirst ? `boil-${pan}` : `boil-${pan}-${round}`,
          atS: boilS,
          kind: 'boil',
          round,
          pan,
          says: pan === 'main' ? 'It boils' : 'The small pan boils',
          fire: 'simmer',
          lid: lidAtBoil(course.stages),
          on: 'boil',
          lookFor:
            fit.coveringMl > 0 ? 'bubbles all over, not only at the edge' : 'bubbles rise between the food everywhere',
        },
      ];
    }),
  );
}
