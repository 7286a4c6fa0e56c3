import type { Placement, Plate, Vessel } from '@elixa/contract';
import type { Arrangement } from './arrange';
import type { Placed } from './layers';
import { becauseOf } from './because';
import type { Bunch } from './bunches';
import { widthShareAt } from './vesselShape';

/** The cuts of a bunch one over another, what takes longest lowest: stems under, leaves over. */
function layersOf(one: Placed, because: string, vessel: Vessel): Placement[] {
  const { bunch, place, region, held } = one;
  let fromMm = one.fromMm;
  return bunch.parts.map((part) => {
    const toMm = fromMm + ((one.toMm - one.fromMm) * part.bulkMl) / (bunch.bulkMl || 1);
    const placement: Placement = {
      id: bunch.id,
      ingredientId: bunch.ingredientId,
      cut: part.cut,
      pieces: part.count,
      massG: part.massG,
      place,
      layer: bunch.layer,
      because,
      ...(bunch.side ? { side: bunch.side } : {}),
      region: { ...region, toShare: Math.min(region.toShare, widthShareAt(vessel, toMm)) },
      fromMm,
      toMm,
      ...(held ? { held: held.locked ? 'locked' : 'laid' } : {}),
    };
    fromMm = toMm;
    return placement;
  });
}

const waiting = (bunch: Bunch): Placement[] =>
  bunch.parts.map((part) => ({
    id: bunch.id,
    ingredientId: bunch.ingredientId,
    cut: part.cut,
    pieces: part.count,
    massG: part.massG,
    place: 'beside',
    layer: bunch.layer,
    because: 'It waits on its plate: each guest cooks it for seconds.',
    ...(bunch.side ? { side: bunch.side } : {}),
    fromMm: 0,
    toMm: 0,
  }));

/** An arrangement as the plan tells it, each cut by itself with why it lies there. */
export function placementsOf(
  { placed, beside }: Arrangement,
  vessel: Vessel,
  apart: ReadonlyArray<{ a: string; b: string; because: string }>,
): Placement[] {
  return [...placed.flatMap((one) => layersOf(one, becauseOf(one, placed, apart), vessel)), ...beside.flatMap(waiting)];
}

/** What of each round waits on its plate, in whole pieces. */
export const plateOf = (bunches: readonly Bunch[]): Plate =>
  bunches.flatMap((bunch) =>
    bunch.parts.map(({ cut, count, massG }) => ({
      ingredientId: bunch.ingredientId,
      cut,
      pieces: count,
      massG,
      ...(bunch.side ? { side: bunch.side } : {}),
    })),
  );
