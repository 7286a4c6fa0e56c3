import { render } from '@testing-library/react-native';
import * as Speech from 'expo-speech';
import { ring } from '@/features/timers/bell';
import { steps, viewAt } from '@/testing/atStove';
import { useAlerts } from './useAlerts';

jest.mock('@/features/timers/bell', () => ({ ring: jest.fn() }));
jest.mock('expo-speech', () => ({ speak: jest.fn() }));
jest.mock('expo-haptics', () => ({
  notificationAsync: async () => undefined,
  NotificationFeedbackType: { Success: 'success' },
}));
jest.mock('@/state', () => ({ useAppSelector: () => ({ voice: true, bell: true, shakes: false }) }));

const add = steps.findIndex(({ kind }) => kind === 'add');
const said = () => jest.mocked(Speech.speak).mock.calls.map(([text]) => text);

function Listening({ views }: { views: ReturnType<typeof viewAt>[] }) {
  return views.map((view, at) => <Ear key={at} view={view} />);
}
function Ear({ view, moved }: { view: ReturnType<typeof viewAt>; moved?: string }) {
  useAlerts(view, true, { moved });
  return null;
}

describe('a step for the ear', () => {
  beforeEach(() => jest.clearAllMocks());
  const dueS = steps[add]!.atS;

  it('is said with its amounts before it is due, without the bell', async () => {
    await render(<Listening views={[viewAt(add, dueS - 40), viewAt(add, dueS - 8)]} />);
    expect(said()).toEqual([expect.stringMatching(/^In a moment: chicken.* 300 grams of chicken/)]);
    expect(ring).not.toHaveBeenCalled();
  });

  it('rings when it is due, once, whatever a new plan counts its steps to', async () => {
    const shown = await render(<Ear view={viewAt(add, dueS + 1)} />);
    expect(ring).toHaveBeenCalledTimes(1);
    const again = steps.map((step) => ({ ...step, step: step.step + 3 }));
    await shown.rerender(<Ear view={viewAt(add, dueS + 5, again)} />);
    expect(ring).toHaveBeenCalledTimes(1);
    expect(said()).toHaveLength(1);
  });

  it('tells a plan that was made anew, once', async () => {
    const moved = 'It boiled 6 min late: ready at 19:36.';
    const early = viewAt(add, dueS - 100);
    const shown = await render(<Ear view={early} moved={moved} />);
    await shown.rerender(<Ear view={viewAt(add, dueS - 90)} moved={moved} />);
    expect(said()).toEqual(['It boiled 6 minutes late: ready at 19:36.']);
  });
});
