import type { Placement, PotPlan } from '@elixa/contract';

/** One card of the building of a pot: something is laid in, or the liquid is poured, or a picture is taken. */
export type BuildStep =
  | { kind: 'lay'; id: string; cuts: Placement[]; shown: Placement[]; poured: boolean; atS: number }
  | { kind: 'pour'; ml: number; shown: Placement[]; atS: number }
  | { kind: 'picture'; shown: Placement[] };

/** From the bottom up, and in each layer clockwise from the back. */
const ORDER: readonly Placement['place'][] = ['bed', 'stack', 'ring', 'heart', 'skewer', 'top', 'beside'];
/** What goes in within so much of one another goes in as one, in s. */
const TOGETHER_S = 5;

const byLaying = (a: Placement, b: Placement) =>
  ORDER.indexOf(a.place) - ORDER.indexOf(b.place) ||
  a.layer - b.layer ||
  (a.region?.startDeg ?? 0) - (b.region?.startDeg ?? 0) ||
  a.fromMm - b.fromMm;

/**
 * The first filling of a pot, one addition at a time, in the order in which things go in: by the clock of the simmer plan,
 * and what goes in together from the bottom up. The picture is taken when all that is laid before the liquid lies, or, where
 * the liquid goes in first, when everything is in.
 * @example buildSteps(plan)[0] // { kind: 'lay', id: 'beanSprout', … }
 */
export function buildSteps({ build, simmer }: Pick<PotPlan, 'build' | 'simmer'>): BuildStep[] {
  const inAt = (one: Placement) => {
    const mine = simmer.pieces.filter(
      (piece) =>
        piece.pan === 'main' &&
        piece.ingredientId === one.ingredientId &&
        piece.cut === one.cut &&
        piece.round <= simmer.platedRounds,
    );
    return mine.length > 0 ? Math.min(...mine.map((piece) => piece.inAtS)) : Infinity;
  };
  const pour = simmer.actions.find((one) => one.kind === 'pour' && one.pan === 'main' && one.round === 1);
  const pourAtS = pour ? pour.atS : -Infinity;
  const timed = build.placements
    .filter((one) => one.region !== undefined)
    .map((one) => ({ one, atS: inAt(one) }))
    .sort((a, b) => (Math.abs(a.atS - b.atS) > TOGETHER_S ? a.atS - b.atS : byLaying(a.one, b.one)));
  // Where food lies in the pot first, what goes in with the pour goes in before it.
  const isBefore = (atS: number) => (build.laidFirst ? atS <= pourAtS + TOGETHER_S : atS < pourAtS - TOGETHER_S);

  const steps: BuildStep[] = [];
  const shown: Placement[] = [];
  const lay = (mine: typeof timed, poured: boolean) => {
    for (const { one, atS } of mine) {
      shown.push(one);
      const last = steps[steps.length - 1];
      const isSame = last?.kind === 'lay' && last.id === one.id && Math.abs(last.atS - atS) <= TOGETHER_S;
      if (isSame) {
        last.cuts.push(one);
        last.shown = [...shown];
      } else steps.push({ kind: 'lay', id: one.id, cuts: [one], shown: [...shown], poured, atS });
    }
  };
  const before = timed.filter(({ atS }) => isBefore(atS));
  lay(before, false);
  if (before.length > 0) steps.push({ kind: 'picture', shown: [...shown] });
  if (build.pourMl > 0) steps.push({ kind: 'pour', ml: build.pourMl, shown: [...shown], atS: pourAtS });
  lay(
    timed.filter(({ atS }) => !isBefore(atS)),
    build.pourMl > 0,
  );
  if (before.length === 0) steps.push({ kind: 'picture', shown: [...shown] });
  return steps;
}
