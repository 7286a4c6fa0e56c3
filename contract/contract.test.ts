import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { eveningSchema, fieldErrors, liveEventSchema, planSchema, publishedSchema, readEvening } from './index';
import { nearestKey } from './nearestKey';

const practice = () =>
  JSON.parse(readFileSync(path.join(import.meta.dirname, '..', 'examples', 'practice-night.json'), 'utf8')) as Record<
    string,
    unknown
  >;

function faultOf(change: Record<string, unknown>) {
  const parsed = eveningSchema.safeParse({ ...practice(), ...change });
  if (parsed.success) throw new Error('The document was taken');
  return fieldErrors(parsed.error, eveningSchema)[0]!;
}
const vessel = (more: object) => ({ vessel: { ...(practice().vessel as object), ...more } });
const diner = { name: 'Bram', appetite: 'large', diets: [], avoids: [], child: false };

describe('the evening document', () => {
  it.each(['practice-night', 'first-frost', 'muffled-peal'])(
    'takes the example %s and gives it back unchanged',
    (name) => {
      const document = JSON.parse(
        readFileSync(path.join(import.meta.dirname, '..', 'examples', `${name}.json`), 'utf8'),
      );
      expect(eveningSchema.parse(document)).toEqual(document);
    },
  );

  it.each([
    [{ sitDownAt: '2026-11-24T19:30:00' }, 'sitDownAt', /offset/],
    [{ title: undefined }, 'title', /Add this field: a text\./],
    [{ title: '   ' }, 'title', /at least 1 character\b/],
    [{ title: 'x'.repeat(81) }, 'title', /at most 80/],
    [{ diners: [] }, 'diners', /at least 1/],
    [{ diners: [{ ...diner, appetite: 'huge' }] }, 'diners[0].appetite', /small, regular, large/],
    [{ diners: [{ ...diner, avoids: ['Not an id!'] }] }, 'diners[0].avoids[0]', /./],
    [{ place: { altitudeM: 9000, roomTempC: 20 } }, 'place.altitudeM', /5500 or less/],
    [{ cooks: 1.5 }, 'cooks', /Give a whole number\./],
    [{ cooks: 0 }, 'cooks', /1 or more/],
  ])('names the field and the fix: %j', (change, field, fix) => {
    const fault = faultOf(change);
    expect(fault.field).toBe(field);
    expect(fault.fix).toMatch(fix);
  });

  const evening = practice();
  const choices = evening.choices as object;
  it.each<[string, Record<string, unknown>, RegExp]>([
    ['overrides.salinity', { overrides: { salinity: 0.4 } }, /Did you mean "salinityPct"/],
    ['choices.leaveout', { choices: { ...choices, leaveout: [] } }, /Did you mean "leaveOut"/],
    ['diners[0].age', { diners: [{ ...diner, age: 40 }] }, /Remove it/],
    ['title', { title: 'Bell\u0007s' }, /Type it again/],
    ['title', { title: 'Bell\ud83d' }, /Type it again/],
    ['diners[0].name', { diners: [{ ...diner, name: 'Br\u0000m' }] }, /Type it again/],
    ['sitDownAt', { sitDownAt: '0002-11-24T19:30:00+00:00' }, /2000 to 2099/],
    ['sitDownAt', { sitDownAt: '9999-11-24T19:30:00+00:00' }, /2000 to 2099/],
    [
      'choices.taste',
      { choices: { ...choices, taste: Object.fromEntries(Array.from({ length: 41 }, (_, n) => [`taste${n}`, {}])) } },
      /Keep 40/,
    ],
    ['choices.batches.soyScallion', { choices: { ...choices, batches: { soyScallion: 1.5 } } }, /whole number/],
    ['choices.batches.Bad id', { choices: { ...choices, batches: { 'Bad id': 1 } } }, /small letter/],
  ])('is strict, and names %s and what to do', (field, change, fix) => {
    const fault = faultOf(change);
    expect(fault.field).toBe(field);
    expect(fault.fix).toMatch(fix);
  });

  it('never speaks to a cook as a validator does', () => {
    const broken: unknown[] = [
      { title: 5 },
      { cooks: Number.NaN },
      { diners: 'all' },
      { place: null },
      { vessel: {} },
      { units: 'stones' },
      { sitDownAt: 'tonight' },
      { choices: { swaps: 1 } },
      { overrides: { brothMlPerHead: 'much' } },
    ];
    for (const change of broken) {
      const parsed = eveningSchema.safeParse({ ...practice(), ...(change as object) });
      for (const { message, fix } of fieldErrors(parsed.error!)) {
        expect(`${message} ${fix}`).not.toMatch(
          /expected|received|invalid|NaN|undefined|null|regex|unrecognized|schema/i,
        );
      }
    }
  });

  it('refuses a pot that holds more than a cylinder of its size, or less than a cone', () => {
    expect(faultOf(vessel({ rimVolumeMl: 4600 }))).toMatchObject({ field: 'vessel.rimVolumeMl' });
    expect(faultOf(vessel({ rimVolumeMl: 1400 })).message).toMatch(/at least \d+ ml/);
    expect(eveningSchema.safeParse({ ...practice(), ...vessel({ rimVolumeMl: 3000 }) }).success).toBe(true);
  });
});

describe('reading a document of any version', () => {
  const ofVersion1 = (name: string) =>
    JSON.parse(
      readFileSync(path.join(import.meta.dirname, 'migrations', 'documents', `evening1-${name}.json`), 'utf8'),
    ) as Record<string, unknown> & { choices: { leaveOut: string[] } };

  it.each(['practice-night', 'first-frost', 'muffled-peal'])('brings %s of version 1 to today', (name) => {
    const old = ofVersion1(name);
    const before = JSON.stringify(old);
    const { evening: read, faults } = readEvening(old);
    expect(faults).toEqual([]);
    expect(read).toEqual({ ...old, schemaVersion: 2, choices: { ...old.choices, finish: 'porridge' } });
    expect(JSON.stringify(old)).toBe(before);
    expect(readEvening(JSON.parse(JSON.stringify(read)))).toEqual({ evening: read, faults: [] });
  });

  it('keeps an evening without a finish without one', () => {
    const old = ofVersion1('practice-night');
    const without = { ...old, choices: { ...old.choices, leaveOut: ['enoki', 'cookedRice', 'egg'] } };
    expect(readEvening(without).evening?.choices).toMatchObject({ leaveOut: ['enoki'], finish: 'none' });
    const eggless = { ...old, choices: { ...old.choices, leaveOut: ['egg'] } };
    expect(readEvening(eggless).evening?.choices).toMatchObject({ leaveOut: ['egg'], finish: 'porridge' });
  });

  it.each([
    [{ ...practice(), schemaVersion: undefined }, 'schemaVersion', /1 to 2/],
    [{ ...practice(), schemaVersion: 99 }, 'schemaVersion', /1 to 2/],
    [{ ...practice(), schemaVersion: 1.5 }, 'schemaVersion', /1 to 2/],
    [{ ...practice(), schemaVersion: 1, diner: [] }, 'diner', /"diners"/],
    [{ ...practice(), schemaVersion: 1, choices: 'none' }, 'choices', /object/],
    [{ ...practice(), schemaVersion: 1, choices: { swaps: [], leaveOut: 'egg' } }, 'choices.leaveOut', /list/],
    ['an evening', '(document)', /exported/],
    [null, '(document)', /exported/],
    [[practice()], '(document)', /exported/],
  ])('names what is wrong with what is no document: %#', (input, field, fix) => {
    const [fault] = readEvening(input).faults;
    expect(fault?.field).toBe(field);
    expect(fault?.fix).toMatch(fix);
  });

  it('never throws, whatever it is given', () => {
    fc.assert(
      fc.property(fc.anything(), (input) => {
        expect(readEvening(input).faults.length).toBeGreaterThan(0);
      }),
    );
  });

  it('names the nearest field that exists, and none where none is near', () => {
    expect(nearestKey(eveningSchema, [], 'Heatsource')).toBe('heatSource');
    expect(nearestKey(eveningSchema, ['diners', 3], 'apetite')).toBe('appetite');
    expect(nearestKey(eveningSchema, ['choices', 'taste', 'soyScallion'], 'salty')).toBe('salt');
    expect(nearestKey(eveningSchema, [], 'xylophone')).toBeUndefined();
    expect(nearestKey(eveningSchema, ['title'], 'x')).toBeUndefined();
  });
});

describe('live events', () => {
  const base = {
    v: 3,
    id: '00000000-0000-4000-8000-000000000001',
    at: '2026-11-24T19:00:00+00:00',
    device: 'this-phone',
    clock: 1,
  };
  it('are one of the known kinds, with an id that a client can make and a place in the log', () => {
    const said = (...facts: unknown[]) => liveEventSchema.safeParse({ ...base, type: 'happened', facts }).success;
    expect(said({ potId: 'main', saw: { is: 'notYet' } })).toBe(true);
    expect(said({ potId: 'main', act: { is: 'skimmed' } }, { potId: 'aside', saw: { is: 'probe', tempC: 80 } })).toBe(
      true,
    );
    // Neither done nor seen, or both at once, is no fact.
    expect(said({ potId: 'main' })).toBe(false);
    expect(said({ potId: 'main', act: { is: 'skimmed' }, saw: { is: 'boils' } })).toBe(false);
    expect(said({ potId: 'main', act: { is: 'exploded' } })).toBe(false);
    expect(liveEventSchema.safeParse({ ...base, id: '7', type: 'paused' }).success).toBe(false);
    expect(liveEventSchema.safeParse({ ...base, clock: 0, type: 'paused' }).success).toBe(false);
    expect(liveEventSchema.safeParse({ ...base, type: 'exploded' }).success).toBe(false);
    expect(liveEventSchema.safeParse({ ...base, type: 'undone' }).success).toBe(false);
    expect(liveEventSchema.safeParse({ ...base, type: 'happened', facts: [] }).success).toBe(false);
  });
});

describe('the published schemas', () => {
  it('say the same as the code: the keys that a reader relies on', () => {
    const { properties } = publishedSchema('evening') as { properties: object };
    expect(Object.keys(properties)).toEqual(Object.keys(eveningSchema.shape));
    const plan = publishedSchema('plan') as { properties: object; required: string[] };
    expect(Object.keys(plan.properties)).toEqual(Object.keys(planSchema.shape));
    expect(plan.required).toEqual(expect.arrayContaining(['amounts', 'liquids', 'build', 'simmer', 'cautions']));
  });
});
