import { readFileSync } from 'node:fs';
import path from 'node:path';
import { buildSchema, planSchema } from '../index';
import { migratePlan } from './migratePlan';

const read = (name: string) => JSON.parse(readFileSync(path.join(__dirname, 'documents', name), 'utf8'));

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

  it('is left as it is where it is of today already, and refused where it is nothing that is known', () => {
    expect(migratePlan(now)).toBe(now);
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
