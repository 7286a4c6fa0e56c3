import { readFileSync } from 'node:fs';
import path from 'node:path';
import { buildSchema, planSchema } from '../index';
import { migratePlan } from './migratePlan';

const read = (name: string) => JSON.parse(readFileSync(path.join(import.meta.dirname, 'documents', name), 'utf8'));

describe('a plan of version 2', () => {
  const old = read('plan2-practice-night.json');
  const now = planSchema.omit({ prep: true }).parse(migratePlan(old));

  it('is read as one of today, with the amounts that were cooked by', () => {
    const { build } = now;
    expect(build.pourMl).toBe(old.build.potBrothMl);
    expect(build.usableVolumeMl).toBe(old.build.usableMl);
    expect(build.rounds).toHaveLength(old.build.rounds);
    expect(build.plates).toHaveLength(old.build.rounds);
    expect(new Set(build.rounds[0])).toEqual(
      new Set(old.build.sectors.map((one: { ingredientId: string }) => one.ingredientId)),
    );
    expect(build.fullnessPct).toBeGreaterThan(50);
    expect(build.fullnessPct).toBeLessThanOrEqual(100.01);
  });

  it('has a program of what its lines say: an act or more for each, and each thing put in once', () => {
    const third = { ...now, schemaVersion: 3, program: undefined };
    expect(planSchema.omit({ prep: true }).parse(migratePlan(third))).toEqual(now);
    const { acts } = now.program;
    expect(new Set(acts.map((one) => one.actionId))).toEqual(new Set(now.simmer.actions.map(({ id }) => id)));
    const added = acts.flatMap(({ act }) => (act.is === 'added' ? [act.pieceId] : []));
    expect(added.sort()).toEqual(now.simmer.pieces.map(({ id }) => id).sort());
    expect(acts.filter(({ act }) => act.is === 'light')).toHaveLength(1);
    for (const { act } of acts) if (act.is === 'poured') expect(act.contents.waterG).toBe(act.ml);
  });

  it('has advice by the names that changes have today, in words alone where it named a pot by its id', () => {
    const advised = (edit: unknown) => {
      const unsatisfied = [{ id: 'x', text: 'x', because: 'x', remedies: [{ text: 'Do it', edit }] }];
      const read = planSchema
        .omit({ prep: true })
        .parse(migratePlan({ ...now, schemaVersion: 3, simmer: { ...now.simmer, unsatisfied } }));
      return read.simmer.unsatisfied[0]!.remedies[0];
    };
    expect(advised({ kind: 'service', service: 'rounds' })?.edit).toEqual({ kind: 'serviceChosen', service: 'rounds' });
    expect(advised({ kind: 'lessFood', share: 0.8 })?.edit).toEqual({ kind: 'foodCutDown', share: 0.8 });
    expect(advised({ kind: 'leftOut', ingredientId: 'enoki' })?.edit).toMatchObject({ kind: 'leftOut' });
    expect(advised({ kind: 'vessel', vesselId: 'clay28' })).toEqual({ text: 'Do it' });
  });

  it('is left as it is where it is of today already, and refused where it is nothing that is known', () => {
    expect(migratePlan(now)).toEqual(now);
    expect(migratePlan({ schemaVersion: 1 })).toEqual({ schemaVersion: 1 });
    expect(planSchema.safeParse(migratePlan({ ...old, schemaVersion: 9 })).success).toBe(false);
  });

  it.each(['layered', 'divided'])('keeps every thing in its place, none over another: %s', (name) => {
    const sketch = read('plan2-builds.json')[name];
    const { build } = migratePlan(sketch) as { build: unknown };
    const { placements } = buildSchema.parse(build);
    expect(placements).toHaveLength(sketch.build.sectors.length);
    for (const { place, region, side } of placements) {
      expect(region!.toShare).toBeGreaterThan(region!.fromShare);
      expect(place === 'stack' || place === 'heart' || place === 'ring' || place === 'bed' || place === 'top').toBe(
        true,
      );
      if (name === 'divided') expect(side).toMatch(/^(first|second)$/);
    }
    const rings = placements.filter((one) => one.place === 'ring' && one.side !== 'second');
    const turn = rings.reduce((sum, one) => sum + one.region!.sweepDeg, 0);
    expect(turn).toBeLessThanOrEqual(360.01);
  });
});
