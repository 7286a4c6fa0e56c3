import type { Act, Action, PlannedAct } from '@elixa/contract';
import type { Stage } from '../catalogue/style';
import { headsAt, potsOf } from '../evening/eachPot';
import { drunkAtMl } from './levels';
import { holdsBoil } from '../heat/burner';
import { showVolume } from '../measures/showMeasure';
import { GENTLE_SHARE, settled } from '../program/settle';
import type { PanContext } from './additionModel';
import { adding } from './adding';
import { serving } from './serving';
import { toppingUp } from './toppingUp';
import { beginning } from './beginning';
import { stageSays, type ActionQuestion, type Draft } from './drafts';
import { heldBackIn, seasonsLast, stillFromS } from './heldBack';
import { FOAM_RISES, NEXT_S, skimmed } from './skimming';

/** To ladle a cup for everybody. Kitchen estimate. */
const LADLED_S = 90;
/** From 85 °C a pot on a high flame boils after about so long. Kitchen estimate, 50-100 s. */
const BEFORE_BOIL_S = 75;
/** What a stage asks for after the boil that puts nothing in: skimmed, covered, stirred, rested. */
function tending(question: ActionQuestion): Draft[] {
  const { readyAtS, firstRound, pans, going } = question;
  const { evening } = question.menu;
  const main = pans.find((one) => one.pan === 'main')!;
  const isTaking = (stage: Stage) => stage.roles !== undefined || stage.items !== undefined;
  return readyAtS.slice(firstRound - 1).flatMap((readyS, index): Draft[] => {
    const round = firstRound + index;
    const course = index === 0 ? main.first : main.later;
    if (!course) return [];
    const pourAt = course.stages.findIndex((stage) => stage.do === 'pour');
    const boilS = main.fillings.find((one) => one.round === round)?.boilS;
    let atS = boilS ?? -Infinity;
    /** What is ladled out before anything else goes in waits until then. */
    const beforeNext = (place: number) => {
      const later = going.filter(
        ({ piece, stageId }) =>
          piece.round === round &&
          piece.pan === 'main' &&
          course.stages.findIndex((one) => one.id === stageId) > place &&
          piece.countsFromS === piece.inAtS,
      );
      return later.length > 0 ? Math.min(...later.map(({ piece }) => piece.inAtS)) - LADLED_S : 0;
    };
    return course.stages.flatMap((stage, place): Draft[] => {
      const mine = going.filter(
        ({ piece, stageId }) => stageId === stage.id && piece.round === round && piece.pan === 'main',
      );
      if (isTaking(stage)) {
        atS = Math.max(
          atS,
          ...mine.filter(({ piece }) => piece.countsFromS === piece.inAtS).map(({ piece }) => piece.inAtS),
        );
        return [];
      }
      if (place < pourAt || stage.do === 'pour' || stage.do === 'enrich') return [];
      // It is what is held back of the broth that seasons it.
      if (stage.do === 'season' && seasonsLast(question, 'main')) return [];
      const does = doneAt(stage);
      const drunkMl = drunkAtMl(stage, headsAt(question.menu, 'main'), main.fit);
      const base = {
        round,
        pan: 'main' as const,
        stageId: stage.id,
        // What is done with fire and lid alone is said by what they become.
        says: stage.do === 'cover' || stage.do === 'rest' ? '' : stageSays(stage, []),
        lookFor: stage.untilCue,
        ...(does ? { does: [does] } : {}),
        ...(drunkMl > 0
          ? {
              does: [{ is: 'drunk' as const, ml: drunkMl }],
              volumeMl: -drunkMl,
              shownText: showVolume(drunkMl, evening.units),
            }
          : {}),
      };
      if (stage.do === 'rest') {
        const rest = { fire: 'off' as const, lid: 'on' as const };
        const others = question.asInVersion1 ? [] : pans.filter((one) => one.pan !== 'main');
        return [
          {
            ...base,
            ...rest,
            ...(others.length > 0 ? { says: 'Pot and small pan' } : {}),
            also: others.map(({ pan }) => ({ pan, does: [], ...rest })),
            id: `rest-${round}`,
            kind: 'rest',
            atS: readyS - course.restS,
          },
        ];
      }
      if (stage.do === 'skim') {
        const skim = skimmed(question, boilS, stillFromS(question, main, round), round);
        if (boilS === undefined || !skim) return [];
        atS = Math.max(atS, skim.atS);
        const id = index === 0 ? 'skim-main' : `skim-main-${round}`;
        return [{ ...base, id, kind: 'skim', atS: skim.atS, lookFor: skim.boils ? stage.untilCue : FOAM_RISES }];
      }
      if (stage.beforeBoil) {
        const id = `${stage.do}-${stage.id}-${round}`;
        return boilS === undefined ? [] : [{ ...base, id, kind: stage.do, atS: Math.max(0, boilS - BEFORE_BOIL_S) }];
      }
      if (!Number.isFinite(atS)) return [];
      atS = Math.max(atS + NEXT_S, stage.do === 'lift' ? beforeNext(place) : 0);
      const lid = stage.do === 'lift' ? {} : { lid: stage.lid };
      return [{ ...base, id: `${stage.do}-${stage.id}-${round}`, kind: stage.do, atS, ...lid }];
    });
  });
}

/** What a stage does that puts nothing in and pours nothing. */
function doneAt({ do: word }: Stage): Act | undefined {
  switch (word) {
    case 'skim':
      return { is: 'skimmed' };
    case 'stir':
      return { is: 'stirred' };
    case 'loosen':
      return { is: 'loosened' };
    case 'baste':
      return { is: 'basted' };
    case 'season':
      return { is: 'seasoned' };
    case 'rest':
      return { is: 'rested' };
    case 'lift':
      // What is done goes where there is room for it; which pieces that are the cook sees.
      return { is: 'liftedOut', pieceIds: [] };
    default:
      return undefined;
  }
}

const ORDER: Action['kind'][] = [
  'light',
  'melt',
  'deglaze',
  'sear',
  'fry',
  'boil',
  'lift',
  'skim',
  'uncover',
  'loosen',
  'baste',
  'stir',
  'season',
  'heatUp',
  'heatDown',
  'add',
  'pour',
  'enrich',
  'cover',
  'rest',
  'serve',
  'swish',
  'off',
];

/** The same pot over the most fire that what is in it is given where it must not boil hard. */
const gently = (context: PanContext): PanContext => ({
  ...context,
  heat: { ...context.heat, powerW: context.heat.powerW * GENTLE_SHARE, measured: undefined },
});

const rank = ({ joinsLight, kind }: Draft) => ORDER.indexOf(joinsLight ? 'light' : kind);

/** What of several pots alike is told of one of them. */
const inEach =
  (pots: number) =>
  (draft: Draft): Draft =>
    pots > 1 && draft.pan === 'main' && draft.shownText
      ? { ...draft, shownText: `${draft.shownText} in each pot` }
      : draft;

/** Everything the cook does at the burner, in order: as it is told, and as it is done. */
export function simmerActions(question: ActionQuestion): { actions: Action[]; acts: PlannedAct[] } {
  const all = [
    ...beginning(question),
    ...adding(question),
    ...tending(question),
    ...heldBackIn(question),
    ...toppingUp(question),
    ...serving(question),
  ];
  const drafts = all.map(inEach(potsOf(question.menu.evening))).sort(
    (a, b) =>
      a.atS - b.atS ||
      // A round is lifted out before anything is done for the next.
      a.round - b.round ||
      rank(a) - rank(b) ||
      a.pan.localeCompare(b.pan) ||
      Number(a.joinsLight ?? false) - Number(b.joinsLight ?? false),
  );
  const pots = question.pans.map(({ pan, context }) => ({
    id: pan,
    hasLid: context.vessel.lid,
    lidStays: holdsBoil(context) === 'lidded',
    isGentle: question.strength[pan].splits && holdsBoil(gently(context)) === 'open',
  }));
  return settled(drafts, pots);
}
