import { factsOf, liveSteps, liveView, planPot, WAITING, type LiveState, CATALOGUE } from '@elixa/core';
import { act, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { Cooking } from './Cooking';
import { useSecond } from '@/state/useNow';

const mockDrawn = jest.fn();
jest.mock('@/ui/pot/PotDrawn', () => ({
  PotDrawn: jest.requireActual('react').memo(function PotDrawn() {
    mockDrawn();
    return null;
  }),
}));

const evening = practice();
const plan = planPot(evening);
const steps = liveSteps(CATALOGUE, plan.simmer);
const START = Date.parse(plan.simmer.litAt);
const cooking: LiveState = {
  ...WAITING,
  status: 'running',
  startedAtMs: START,
  started: { eventId: '0', evening, planId: 'plan', plan, sinceS: 0, earlier: [] },
  taps: steps
    .slice(0, 4)
    .map((step) => ({ eventId: String(step.step), facts: factsOf(step, plan, 'plan'), atS: step.atS })),
};
const log = {
  events: [],
  state: cooking,
  unsent: 0,
  record: () => 'an id',
  adopt: () => 'an id',
  adoptAgain: () => undefined,
};

let looked = 0;
function AtTheStove() {
  useSecond(true);
  looked += 1;
  return (
    <>
      <Text>{looked}</Text>
      <Cooking evening={evening} plan={plan} view={liveView(plan, steps, cooking, Date.now())} log={log} />
    </>
  );
}

afterEach(() => jest.useRealTimers());

test('a tick of the clock draws the clock, and not the pot', async () => {
  jest.useFakeTimers({ now: START + (steps[4]!.atS - 90) * 1000 });
  await inEvening(evening, <AtTheStove />);
  expect(mockDrawn).toHaveBeenCalledTimes(1);
  const clock = () => screen.getByLabelText(/^in \d/).props['aria-label'] as string;
  const before = clock();
  const lookedBefore = looked;
  for (let look = 0; look < 20; look += 1) await act(async () => void (await jest.advanceTimersByTimeAsync(250)));
  expect(clock()).not.toBe(before);
  expect(mockDrawn).toHaveBeenCalledTimes(1);
  // Four looks a second, one drawing.
  expect(looked - lookedBefore).toBeLessThanOrEqual(6);
  expect(looked - lookedBefore).toBeGreaterThanOrEqual(5);
});
