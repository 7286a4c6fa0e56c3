import type { Evening, PotProgram, Simmer, SimmerPiece } from '@elixa/contract';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import { NO_FINISH } from '../catalogue/finishes';
import { VESSELS } from '../catalogue/vessels';
import type { Menu } from '../evening/menu';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { rehearse } from '../simmer/rehearse';
import { timesTable } from '../simmer/timesTable';
import { eveningFor, suited } from '../testing/household';
import type { PlannedPot } from './planPot';
import { objectiveOf, rehearsedPot } from './rehearsed';

const KINDS = ['chickenThigh', 'daikon', 'carrot', 'firmTofu', 'longOnion', 'shiitake', 'enoki', 'mizuna'];
/** Times before it is ready that are tried, in s: close together where a minute counts, and up to half an hour. */
const TRIED_S = [40, 75, 120, 180, 270, 390, 540, 720, 960, 1300];
const LONGEST_S = Math.max(...TRIED_S);

/** Three of those kinds in a small pot, on one of the burners, at some height; the same one for the same number. */
function small(no: number): Evening {
  const three = [no % 8, (no * 3 + 1) % 8, (no * 5 + 2 + Math.floor(no / 8)) % 8];
  const kept = new Set(three.map((index) => KINDS[index]!));
  const clear = suited(eveningFor(1 + (no % 3)), 'clearChicken');
  const all = [...menuOrThrow(clear).food].filter((one) => one.purpose === 'pot').map((one) => one.ingredientId);
  return {
    ...clear,
    vessel: VESSELS[no % 2]!,
    heatSource: HEAT_SOURCES.filter((one) => one.kind !== 'induction')[no % 3]!,
    place: { altitudeM: (no % 4) * 900, roomTempC: 20 },
    choices: { ...clear.choices, finish: NO_FINISH, leaveOut: [...new Set(all)].filter((id) => !kept.has(id)) },
  };
}

/** Everything after the boil so much later that anything can be in for the longest that is tried. */
function laterBy({ readyAtS, boilAtS }: Simmer): (atS: number) => number {
  const moreS = LONGEST_S + 90 - (readyAtS[0]! - boilAtS);
  return (atS) => (atS > boilAtS ? atS + moreS : atS);
}

/** The plan with so much more time between the boil and the table that anything can be in for the longest that is tried. */
function stretched(simmer: Simmer): Simmer {
  const later = laterBy(simmer);
  return {
    ...simmer,
    readyAtS: simmer.readyAtS.map(later),
    actions: simmer.actions.map((one) => ({ ...one, atS: later(one.atS) })),
    pieces: simmer.pieces.map((one) => ({
      ...one,
      inAtS: later(one.inAtS),
      countsFromS: later(one.inAtS),
      outAtS: later(one.outAtS),
    })),
  };
}

/** Every way to deal things out into groups. */
function partitions<T>([first, ...rest]: readonly T[]): T[][][] {
  if (first === undefined) return [[]];
  return partitions(rest).flatMap((groups) => [
    [[first], ...groups],
    ...groups.map((_, at) => groups.map((group, index) => (index === at ? [first, ...group] : group))),
  ]);
}

/** The least that any dealing out and any of the tried times cost, short of `below`. */
function enumerated(menu: Menu, planned: PlannedPot, below: number): number {
  const { plan, fit } = planned;
  const base = stretched(plan.simmer);
  const order = new Map(plan.style.stages.map((stage, index) => [stage.id, index]));
  const stageOf = (id: string) => order.get(base.actions.find((one) => one.pieceId === id)?.stageId ?? '') ?? 0;
  const later = laterBy(plan.simmer);
  // The same acts, with everything put in when it is tried.
  const programWith = (pieces: readonly SimmerPiece[]): PotProgram => {
    const byId = new Map(pieces.map((one) => [one.id, one]));
    const acts = plan.program!.acts.map((one) => {
      const piece = one.act.is === 'added' ? byId.get(one.act.pieceId) : undefined;
      return { ...one, atS: piece ? piece.inAtS : later(one.atS) };
    });
    return { ...plan.program!, acts };
  };
  let best = below;
  const judge = (lead: ReadonlyMap<string, number>) => {
    const pieces = base.pieces.map((one) => {
      const inAtS = one.outAtS - lead.get(one.id)!;
      return { ...one, inAtS, countsFromS: inAtS };
    });
    const simmer = { ...base, pieces };
    return objectiveOf(menu, simmer, rehearse({ menu, fit, simmer, program: programWith(pieces) }));
  };
  const inOrder = (lead: ReadonlyMap<string, number>) =>
    [...lead].every(([a, aS]) => [...lead].every(([b, bS]) => stageOf(a) >= stageOf(b) || aS >= bS));
  for (const groups of partitions(base.pieces.map((one) => one.id))) {
    // Each addition costs one: what has as many as the best so far costs cannot be better.
    if (groups.length >= best) continue;
    const deal = (index: number, lead: ReadonlyMap<string, number>): void => {
      if (index === groups.length) {
        if (inOrder(lead)) best = Math.min(best, judge(lead));
        return;
      }
      for (const seconds of TRIED_S)
        deal(index + 1, new Map([...lead, ...groups[index]!.map((id) => [id, seconds] as const)]));
    };
    deal(0, new Map());
  }
  return best;
}

describe('additions of small pots', () => {
  const numbers = Array.from({ length: 60 }, (_, index) => index);

  it('are as good as the best of all that are tried one by one, within 2 %, and nothing is better than the bound', () => {
    const found = numbers.flatMap((no) => {
      const evening = small(no);
      if (checkEvening(evening).length > 0) return [];
      const menu = menuOrThrow(evening);
      const planned = rehearsedPot(menu, timesTable);
      const { objective, lowerBound, readyAtS } = planned.plan.simmer;
      expect(readyAtS).toHaveLength(1);
      const least = enumerated(menu, planned, objective!);
      return [{ no, objective: objective!, lowerBound: lowerBound!, least }];
    });
    expect(found.length).toBeGreaterThanOrEqual(60);
    expect(found.filter((one) => one.objective > one.least * 1.02 + 1e-9)).toEqual([]);
    expect(found.filter((one) => one.least < one.lowerBound - 1e-9)).toEqual([]);
  }, 240_000);
});
