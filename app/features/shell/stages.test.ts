import { foldLive, planEvening } from '@elixa/core';
import { practice } from '@/testing/household';
import { clock } from '@/ui/time';
import { stagesOf } from './stages';

const plan = planEvening(practice());
const { prep } = plan;
const waiting = foldLive({ plans: {}, events: [] });
const left = (...given: Parameters<typeof stagesOf>) =>
  Object.fromEntries(stagesOf(...given).map((stage) => [stage.id, stage.left]));

describe('what is left of each stage', () => {
  it('gives the broth its turn in the preparation, and no other time before that is planned', () => {
    const broth = plan.liquids.find((one) => one.kind === 'broth')!;
    const first = prep.tasks.find((task) => task.subjectId === broth.id)!;
    expect(left(plan, waiting).broth).toBe('planning');
    expect(left(plan, waiting, prep).broth).toBe(`at ${clock(first.startsAt)}`);
    expect(Date.parse(first.startsAt)).toBeLessThanOrEqual(Date.parse(broth.latestStartAt!));
    const tasks = prep.tasks.filter((task) => task.subjectId !== broth.id);
    expect(left(plan, waiting, { ...prep, tasks }).broth).toBe('made');
  });

  it('says by how much it is late, and wants the cook then', () => {
    const late = stagesOf(plan, waiting, { ...prep, late: 1260 }).find((stage) => stage.id === 'prep')!;
    expect(late).toMatchObject({ left: '+21 min', open: true });
    expect(left(plan, waiting, { ...prep, tasks: [] }).prep).toBe('all done');
    expect(left(undefined, waiting).prep).toBe('planning');
  });

  it('ends at the stove while cooking, and with what was learnt after it', () => {
    const live = (status: 'running' | 'finished') => ({ ...waiting, status });
    expect(left(plan, live('running'), prep)).toMatchObject({ broth: 'made', prep: 'done', stove: 'cooking' });
    expect(left(plan, live('finished'), prep)).toMatchObject({ broth: 'made', after: '0 notes' });
  });
});
