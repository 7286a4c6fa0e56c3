import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { simulate } from '../pot/simulate';
import { NOTHING, potAtRest } from '../pot/state';

/** A large pot on a strong flame at sea level, so that a handful of food hardly cools it. */
const LARGE = {
  vessel: VESSELS.find((one) => one.id === 'steel26')!,
  heatSource: { ...HEAT_SOURCES.find((one) => one.id === 'portableGas')!, powerW: 3500 },
  roomTempC: 20,
  altitudeM: 0,
};
const HANDFUL_G = 150;
const LONGEST_S = 90 * 60;

/**
 * How long a handful of a food takes in a large simmering pot at sea level, from where it is kept: until it is ready, the
 * largest piece safe, and until it is past its best. For holding the model against what cooks know.
 * @returns minutes; `pastMin` is none where it stands for as long as was looked
 * @throws RangeError when nobody knows the food, its cut or a time for that
 */
export function predictedMinutes(ingredientId: string, cut: string): { readyMin: number; pastMin?: number } {
  const pot = potAtRest({
    ...LARGE,
    tempC: 100,
    liquid: { ...NOTHING, waterG: 4000 },
    power: 1,
    holdC: 101,
  });
  const act = { is: 'added' as const, pieceId: 'it', ingredientId, cut, massG: HANDFUL_G };
  const { state } = simulate(pot, [{ atS: 0, act }], LONGEST_S, { stepS: 2 });
  const { readyAtS = LONGEST_S, overAtS } = state.pieces[0]!;
  return { readyMin: readyAtS / 60, ...(overAtS === undefined ? {} : { pastMin: overAtS / 60 }) };
}
