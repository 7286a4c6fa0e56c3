import { VESSELS } from '@elixa/core';
import { whyNoDay, whyNoTime } from '@/ui/time';
import { readPot, thirdWords, typedPot } from './ownPot';
import { readTest } from './WaterTestSheet';

const typed = (more: object) => ({ ...typedPot(VESSELS[0]!), ...more });

describe('a pot of one\u2019s own', () => {
  it('is read as people write numbers', () => {
    expect(readPot(typed({ rimVolumeMl: '2,600', innerDepthMm: '72,5' })).pot).toMatchObject({
      rimVolumeMl: 2600,
      innerDepthMm: 72.5,
    });
  });

  it.each([
    [{ innerDiameterMm: '', innerDepthMm: ' ' }, 'innerDiameterMm', /two of width, depth/],
    [{ outline: 'oval' }, 'innerBreadthMm', /Measure across/],
    [{ outline: 'oval', innerBreadthMm: 'wide' }, 'innerBreadthMm', /Write a number/],
    [{ baseDiameterMm: '300' }, 'baseDiameterMm', /wider than the rim/],
    [{ innerDepthMm: 'deep' }, 'innerDepthMm', /Write a number/],
    [{ innerDiameterMm: '900' }, 'innerDiameterMm', /600 or less/],
    [{ rimVolumeMl: '9000' }, 'rimVolumeMl', /holds at most \d+ ml/],
    [{ innerDiameterMm: '600', innerDepthMm: '400', rimVolumeMl: '5000' }, 'rimVolumeMl', /at least/],
    [{ name: ' ' }, 'name', /Write one/],
  ])('is checked where it is typed: %j', (more, field, says) => {
    const { pot, errors } = readPot(typed(more));
    expect(pot).toBeUndefined();
    expect(errors[0]).toMatchObject({ field, says: expect.stringMatching(says) });
  });

  it('is taken by any two of its three measures, and says what the third may be', () => {
    for (const name of ['innerDiameterMm', 'innerDepthMm', 'rimVolumeMl'] as const) {
      const { pot, errors } = readPot(typed({ [name]: '' }));
      expect([name, errors]).toEqual([name, []]);
      expect(pot![name]).toBeGreaterThan(0);
      expect(thirdWords(typed({ [name]: '' }), name, 'metric')).toMatch(/^By the other two between .+ taken as /);
    }
    expect(thirdWords(typed({}), 'rimVolumeMl', 'metric')).toBe('By the other two between 1.5 l and 4.45 l.');
    expect(thirdWords(typed({ innerDepthMm: '' }), 'rimVolumeMl', 'metric')).toBeUndefined();
  });

  it('may be oval, measured along and across', () => {
    const { pot } = readPot(typed({ outline: 'oval', innerDiameterMm: '330', innerBreadthMm: '230', rimVolumeMl: '' }));
    expect(pot).toMatchObject({ outline: 'oval', innerBreadthMm: 230 });
    expect(pot!.rimVolumeMl).toBeLessThan((Math.PI * 165 * 115 * 72) / 1000);
    // Round again, what was measured across is forgotten.
    expect(readPot({ ...typedPot(pot!), outline: 'round' }).pot).not.toHaveProperty('innerBreadthMm');
  });

  it('is one that the server takes, however large', () => {
    const { pot } = readPot(typed({ innerDiameterMm: '600', innerDepthMm: '400', rimVolumeMl: '40000' }));
    expect(pot!.emptyMassG).toBeLessThanOrEqual(20_000);
  });
});

describe('water that was timed', () => {
  const timed = { water: '1 000', warm: '15,5', minutes: '5', seconds: '30' };

  it('is read as people write numbers', () => {
    expect(readTest(timed).test).toEqual({ waterMl: 1000, fromC: 15.5, seconds: 330 });
  });

  it.each([
    [{ water: 'a litre' }, 'water', /300 to 6000/],
    [{ warm: '99' }, 'warm', /0 to 60/],
    [{ minutes: '' }, 'minutes', /0 to 90/],
    [{ seconds: '75' }, 'seconds', /0 to 59/],
    [{ minutes: '0', seconds: '5' }, 'minutes', /nothing boils so soon/],
  ])('is checked where it is typed: %j', (more, field, says) => {
    const { test, errors } = readTest({ ...timed, ...more });
    expect(test).toBeUndefined();
    expect(errors).toEqual({ [field]: expect.stringMatching(says) });
  });
});

describe('a day and a time that are typed', () => {
  it('count only when the year is whole', () => {
    expect(whyNoDay('0002-11-25', '19:30')).toMatch(/2000 to 2099/);
    expect(whyNoDay('', '19:30')).toMatch(/choose one/);
    expect(whyNoDay('2026-11-25', '19:30')).toBeUndefined();
    expect(whyNoTime('2026-11-25', '')).toMatch(/choose a time/);
    expect(whyNoTime('2026-11-25', '19:30')).toBeUndefined();
  });
});
