import { practice } from '@/testing/household';
import { edited, eveningMade } from '@/state/drafts';
import { eventRecorded } from '@/state/log';
import { makeStore } from './index';

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));

const evening = practice();
const heard = async (test: () => void) => {
  for (let tries = 0; ; tries += 1) {
    await new Promise((resolve) => setTimeout(resolve, 10));
    try {
      test();
      return;
    } catch (error) {
      if (tries > 100) throw error;
    }
  }
};

describe('two tabs of one browser', () => {
  it('share one draft and one log, without the server', async () => {
    const [one, two] = [makeStore(), makeStore()];
    one.dispatch(eveningMade(evening));
    await heard(() => expect(two.getState().drafts[evening.id]?.evening).toEqual(evening));
    two.dispatch(edited({ id: evening.id, kind: 'handsSet', evening: { ...evening, cooks: 3 } }));
    await heard(() => expect(one.getState().drafts[evening.id]?.evening.cooks).toBe(3));
    const said = { id: '00000000-0000-4000-8000-000000000001', at: evening.sitDownAt, device: 'tab-one' };
    one.dispatch(eventRecorded({ eveningId: evening.id, event: { ...said, type: 'noted', text: 'Salty' } }));
    await heard(() => expect(two.getState().live[evening.id]?.events).toHaveLength(1));
    expect(two.getState().live[evening.id]?.unsent).toEqual([said.id]);
    const next = { ...said, id: '00000000-0000-4000-8000-000000000002', device: 'tab-two' };
    two.dispatch(eventRecorded({ eveningId: evening.id, event: { ...next, type: 'paused' } }));
    await heard(() =>
      expect(one.getState().live[evening.id]?.events.at(-1)).toMatchObject({ clock: 2, after: said.id }),
    );
  });
});
