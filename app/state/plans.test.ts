import { planPot } from '@elixa/core';
import { practice } from '@/testing/household';
import { planAsked, planFailed, planFound, plansReducer, searchLeft, selectPlanned } from './plans';

const evening = practice();
const { id } = evening;
const plan = planPot(evening);
const after = (
  ...actions: Array<ReturnType<typeof planAsked | typeof planFound | typeof planFailed | typeof searchLeft>>
) =>
  selectPlanned({ plans: actions.reduce(plansReducer, undefined as unknown as ReturnType<typeof plansReducer>) }, id);
const asked = planAsked({ id, evening });
const quick = planFound({ id, found: { kind: 'pot', plan, quick: true } });
const gone = planFound({ id, found: { kind: 'pot', plan } });

describe('what is planned of an evening', () => {
  it('is shown at once, and counts as this evening’s only when it was gone through', () => {
    expect(after(asked)).toMatchObject({ asked: evening });
    expect([after(asked, quick).plan, after(asked, quick).of]).toEqual([plan, undefined]);
    expect([after(asked, quick, gone).plan, after(asked, quick, gone).of]).toEqual([plan, evening]);
  });

  it('counts as it is where the planner broke down, so that nobody waits for ever', () => {
    expect(after(asked, quick, planFailed({ id, message: 'broke down' }))).toMatchObject({
      of: evening,
      failure: 'broke down',
    });
  });

  it('has its search for what mends it until that is over, left, broken down or asked anew', () => {
    const mending = planFound({ id, found: { kind: 'mending', tried: 1, of: 4 } });
    expect(after(asked, gone, mending).mending).toEqual({ tried: 1, of: 4 });
    for (const end of [gone, searchLeft(id), planFailed({ id, message: 'broke down' }), asked]) {
      expect(after(asked, gone, mending, end).mending).toBeUndefined();
    }
  });

  it('is the older one while the next is only quick', () => {
    const other = { ...evening, title: 'Another night' };
    const next = after(asked, gone, planAsked({ id, evening: other }), quick);
    expect([next.of, next.asked]).toEqual([evening, other]);
  });
});
