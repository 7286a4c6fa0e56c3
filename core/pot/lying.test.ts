import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { simulate } from './simulate';
import { NOTHING, potAtRest, type PotState, type TimedAct } from './state';

const pieceIds = ['thigh'];
const LIFTED: TimedAct[] = [
  { atS: 0, act: { is: 'heat', share: 1 } },
  { atS: 900, act: { is: 'added', pieceId: 'thigh', ingredientId: 'chickenThigh', cut: 'chunk', massG: 300 } },
  { atS: 1300, act: { is: 'liftedOut', pieceIds } },
];
const BACK: TimedAct[] = [
  ...LIFTED,
  { atS: 1400, act: { is: 'putBack', pieceIds } },
  { atS: 1600, act: { is: 'liftedOut', pieceIds } },
];
const course = (acts: readonly TimedAct[]) =>
  simulate(
    potAtRest({
      vessel: VESSELS.find((one) => one.id === 'steel26')!,
      heatSource: HEAT_SOURCES.find((one) => one.id === 'portableGas')!,
      roomTempC: 20,
      altitudeM: 0,
      tempC: 20,
      liquid: { ...NOTHING, waterG: 2000 },
    }),
    acts,
    1800,
  );
const thighOf = ({ pieces }: PotState) => pieces[0]!;

it('stays as it is while it lies out of the pot, and cooks on when it is put back', () => {
  const { state, checkpoints } = course(BACK);
  const [out, back] = [1400, 1600].map((atS) => thighOf(checkpoints.find((one) => one.state.atS >= atS)!.state));
  const again = thighOf(state);
  expect([out!.outAtS, back!.outAtS, again.outAtS]).toEqual([1300, undefined, 1600]);
  expect(out).toEqual(thighOf(course(LIFTED).state));
  expect(again.cooked.hadMin).toBeGreaterThan(out!.cooked.hadMin);
});
