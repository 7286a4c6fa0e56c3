import { CATALOGUE, factsOf, liveSteps, liveView, planPot, WAITING, type LiveState } from '@elixa/core';
import { render } from '@testing-library/react-native';
import * as Speech from 'expo-speech';
import { ring } from '@/features/timers/bell';
import { practice } from '@/testing/household';
import { useAlerts } from './useAlerts';

jest.mock('@/features/timers/bell', () => ({ ring: jest.fn() }));
jest.mock('expo-speech', () => ({ speak: jest.fn() }));
jest.mock('expo-haptics', () => ({
  notificationAsync: async () => undefined,
  NotificationFeedbackType: { Success: 'success' },
}));
jest.mock('@/state', () => ({ useAppSelector: () => ({ voice: true, bell: true }) }));

const evening = practice();
const plan = planPot(evening);
const steps = liveSteps(CATALOGUE, plan.simmer);
const add = steps.findIndex(({ kind }) => kind === 'add');
const said = () => jest.mocked(Speech.speak).mock.calls.map(([text]) => text);

const viewAt = (atS: number, counted = steps) => {
  const state: LiveState = {
    ...WAITING,
    status: 'running',
    startedAtMs: 0,
    started: { eventId: '0', evening, planId: 'plan', plan, sinceS: 0, earlier: [] },
    taps: steps
      .slice(0, add)
      .map((step) => ({ eventId: String(step.step), facts: factsOf(step, plan, 'plan'), atS: step.atS })),
  };
  return liveView(plan, counted, state, atS * 1000);
};

function Listening({ views }: { views: ReturnType<typeof viewAt>[] }) {
  return views.map((view, at) => <Ear key={at} view={view} />);
}
function Ear({ view }: { view: ReturnType<typeof viewAt> }) {
  useAlerts(view, true);
  return null;
}

describe('a step for the ear', () => {
  beforeEach(() => jest.clearAllMocks());
  const dueS = steps[add]!.atS;

  it('is said with its amounts before it is due, without the bell', async () => {
    await render(<Listening views={[viewAt(dueS - 40), viewAt(dueS - 8)]} />);
    expect(said()).toEqual([expect.stringMatching(/^In a moment: chicken.* 300 grams of chicken/)]);
    expect(ring).not.toHaveBeenCalled();
  });

  it('rings when it is due, once, whatever a new plan counts its steps to', async () => {
    const shown = await render(<Ear view={viewAt(dueS + 1)} />);
    expect(ring).toHaveBeenCalledTimes(1);
    const again = steps.map((step) => ({ ...step, step: step.step + 3 }));
    await shown.rerender(<Ear view={viewAt(dueS + 5, again)} />);
    expect(ring).toHaveBeenCalledTimes(1);
    expect(said()).toHaveLength(1);
  });
});
