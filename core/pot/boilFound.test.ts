import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { simulate } from './simulate';
import { NOTHING, potAtRest } from './state';

describe('the moment at which a pot boils', () => {
  const start = potAtRest({
    vessel: VESSELS.find(({ id }) => id === 'steel26')!,
    heatSource: HEAT_SOURCES.find(({ id }) => id === 'portableGas')!,
    roomTempC: 20,
    altitudeM: 0,
    tempC: 20,
    liquid: { ...NOTHING, waterG: 2000, saltG: 16 },
  });
  const on = (share: number) => [
    { atS: 0, act: { is: 'heat', share } } as const,
    { atS: 0, act: { is: 'lid', lid: 'on' } } as const,
  ];
  const boilS = (share: number) => simulate(start, on(share), 3000).boils[0]!.fromS;

  it('is found between the steps: a little more fire is a little sooner, by as much each time', () => {
    const times = Array.from({ length: 12 }, (_, at) => boilS(0.9 + at * 0.002));
    const gains = times.slice(1).map((one, at) => times[at]! - one);
    const mean = (times[0]! - times.at(-1)!) / gains.length;
    for (const gain of gains) expect(Math.abs(gain - mean)).toBeLessThan(0.15 * mean);
  });

  it('is the same however far the pot had come when that was asked', () => {
    for (const untilS of [50, 111, 237, 402]) {
      const { state } = simulate(start, on(1), untilS);
      expect(Math.abs(simulate(state, [], 3000).boils[0]!.fromS - boilS(1))).toBeLessThan(0.2);
    }
  });
});
