import type { Build, Simmer, SimmerPiece } from '@elixa/contract';
import { shortName } from '../../catalogue/shortName';
import { isRawFlesh } from '../../catalogue/kinds';
import type { Stage } from '../../catalogue/style';
import type { Menu } from '../../evening/menu';
import { andList } from '../../measures/andList';
import { showLength } from '../../measures/showSize';
import { sum } from '../../measures/sum';
import { boardWash } from './washing';
import { forTonight, type Part, type Work, type WorkList } from './work';
import { capital } from '../../measures/capital';

/** Piling one layer, cutting a pile across, standing one block on end, laying one thing in, in min. Kitchen estimates. */
const LAYER_MIN = 0.3;
const CUT_MIN = 1;
const BLOCK_MIN = 0.25;
const LAID_MIN = 0.6;
export const LAY_ID = 'lay';
/** What lies in the pot waits cold and covered for so long without harm. */
const FRESH_MIN = 20;

export interface LayingQuestion {
  menu: Menu;
  build: Build;
  simmer: Simmer;
}

/** What lies in the pot before the burner is lit: what goes in then and begins to cook when it boils. */
export function laidFirst({ pieces, actions }: Simmer): SimmerPiece[] {
  const lit = actions.find((one) => one.kind === 'light' && one.pan === 'main');
  const first = Math.min(...pieces.map((one) => one.round));
  return pieces.filter(
    (one) =>
      lit !== undefined &&
      one.pan === 'main' &&
      one.round === first &&
      one.way !== 'seared' &&
      one.way !== 'fried' &&
      one.countsFromS > one.inAtS &&
      one.inAtS <= lit.atS,
  );
}

const nameOf = ({ catalogue }: Menu, { ingredientId, cut }: SimmerPiece) =>
  shortName(catalogue.byId(ingredientId), cut);
const things = (count: number, one: string) => `${count} ${count === 1 ? one : `${one}s`}`;

/** How the piles of tonight are piled and cut. */
function stackParts(
  { catalogue, evening }: Menu,
  { stacks, rounds }: { stacks: NonNullable<Build['stacks']>; rounds: number },
  laid: readonly SimmerPiece[],
): Array<Omit<Part, 'fromMin'>> {
  const name = (id: string) => shortName(catalogue.byId(id), laid.find((one) => one.ingredientId === id)?.cut ?? '');
  const raw = stacks.inEach.some(({ ingredientId }) => isRawFlesh(catalogue.byId(ingredientId)));
  const layers = sum(stacks.inEach.map((one) => one.pieces)) * stacks.repeats * stacks.stacks * rounds;
  const inEach = andList(
    stacks.inEach.map(({ ingredientId, pieces }) => `${Math.round(pieces)} × ${name(ingredientId)}`),
  );
  const each = rounds > 1 ? ` for each of ${rounds} rounds` : '';
  return [
    {
      id: 'pile',
      says: `${things(stacks.stacks, 'pile')}${each}: ${inEach}, ${stacks.repeats} times in each; ${name(stacks.topId)} once more on top`,
      lastsMin: Math.max(3, Math.ceil(layers * LAYER_MIN)),
      needs: ['hands', 'board'],
      raw,
    },
    {
      id: 'cut',
      says: `Pin each pile and cut it across into ${things(stacks.blocksEach, 'block')}, ${showLength(stacks.cutWidthMm, evening.units)} wide${rounds > 1 ? '; those for later into the fridge, covered' : ''}`,
      lastsMin: Math.max(2, Math.ceil(stacks.stacks * rounds * CUT_MIN)),
      needs: ['hands', 'board'],
      raw,
    },
    ...(raw ? [boardWash] : []),
  ];
}

/** Clay into which something boiling is poured is warmed before: cold it cracks. */
export const isWarmed = ({ evening: { vessel }, pour }: Pick<Menu, 'evening' | 'pour'>): boolean =>
  vessel.material === 'clay' && pour.at === 'boiling';

/** How what lies in the pot from the start is laid, by the words of its stage. */
function layingSays(
  menu: Menu,
  stages: readonly Stage[],
  laid: readonly SimmerPiece[],
  blocks: number | undefined,
): string {
  const isStacked = (one: SimmerPiece) => one.way === 'stacked';
  const names = [
    ...(laid.some(isStacked) ? [blocks ? things(blocks, 'block') : 'the blocks'] : []),
    ...new Set(laid.filter((one) => !isStacked(one)).map((one) => nameOf(menu, one))),
  ];
  const how = stages.find((stage) => stage.how)?.how;
  return `Into the ${isWarmed(menu) ? 'warm' : 'cold'} pot: ${andList(names)}${how ? `. ${capital(how)}` : ''}`;
}

/**
 * Piling, cutting and standing stacks, and laying in whatever lies in the pot before the burner is lit.
 * @param leadMin minutes before sitting down at which it is lit
 */
export function layingWork({ menu, build, simmer }: LayingQuestion, leadMin: number, checkMin: number): WorkList {
  const laid = laidFirst(simmer);
  if (laid.length === 0) return { works: [], lags: [] };
  const { stages } = menu;
  const pourAt = stages.findIndex((stage) => stage.do === 'pour');
  const { stacks } = build;
  const work = (id: string, name: string, parts: ReadonlyArray<Omit<Part, 'fromMin'>>, why: string): Work =>
    forTonight({ id, name, parts, why, endsBeforeMin: leadMin + checkMin, freshMin: FRESH_MIN, staleness: 0.3 });
  const layMin = sum([
    stacks ? stacks.blocks * BLOCK_MIN : 0,
    new Set(laid.map((one) => nameOf(menu, one))).size * LAID_MIN,
  ]);
  const works = [
    ...(stacks
      ? [
          work(
            'stack',
            'The stacks',
            stackParts(menu, { stacks, rounds: build.rounds.length }, laid),
            'Leaves and slices cook as one',
          ),
        ]
      : []),
    work(
      LAY_ID,
      'Lay it in the pot',
      [
        {
          id: 'do',
          says: layingSays(menu, stages.slice(0, Math.max(0, pourAt)), laid, stacks?.blocks),
          lastsMin: Math.max(2, Math.ceil(layMin)),
          needs: ['hands'],
          raw: laid.some((one) => isRawFlesh(menu.catalogue.byId(one.ingredientId), one.cut)),
        },
      ],
      'It lies in the pot before the liquid goes in and the burner is lit',
    ),
  ];
  return { works, lags: stacks ? [{ before: 'stack', after: LAY_ID, leastMin: 0 }] : [] };
}
