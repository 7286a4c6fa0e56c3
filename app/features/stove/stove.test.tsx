import { factsOf, liveSteps, liveView, planPot, WAITING, type InPot, type LiveState, CATALOGUE } from '@elixa/core';
import { render, screen, userEvent } from '@testing-library/react-native';
import { practice } from '@/testing/household';
import { changeWords } from './ChangeLine';
import { inPotWords } from './InPotList';
import { marksOf } from './marksOf';
import { NextAction } from './NextAction';

// That a button is deaf for a moment has a test of its own.
jest.mock('@/state/useGuard', () => ({ useGuard: (_meaning: unknown, act: () => void) => act }));

const evening = practice();
const plan = planPot(evening);
const { simmer } = plan;
const steps = liveSteps(CATALOGUE, simmer);
const START = Date.parse(simmer.litAt);
const running = (upTo: number): LiveState => ({
  ...WAITING,
  status: 'running',
  startedAtMs: START,
  started: { eventId: '0', evening, planId: 'plan', plan, sinceS: 0, earlier: [] },
  taps: steps
    .slice(0, upTo)
    .map((step) => ({ eventId: String(step.step), facts: factsOf(step, plan, 'plan'), atS: step.atS })),
});
const viewAt = (upTo: number, seconds: number) => liveView(plan, steps, running(upTo), START + seconds * 1000);
const show = (
  view: ReturnType<typeof viewAt>,
  more: { paused?: boolean; onDone?: () => void; onNotYet?: () => void } = {},
) =>
  render(
    <NextAction
      view={view}
      paused={more.paused ?? false}
      onDone={more.onDone ?? jest.fn()}
      onNotYet={more.onNotYet ?? jest.fn()}
      onFinish={jest.fn()}
    />,
  );

describe('the next thing to do', () => {
  const add = steps.findIndex((step) => step.kind === 'add');

  it('is named, with its countdown, before it is due', async () => {
    await show(viewAt(add, steps[add]!.atS - 65));
    expect(screen.getByRole('heading')).toHaveTextContent(steps[add]!.title);
    expect(screen.getByLabelText('in 1:05')).toBeTruthy();
    expect(screen.getByText('Next')).toBeTruthy();
  });

  it('says now when it is due, and by how much it is late', async () => {
    await show(viewAt(add, steps[add]!.atS + 95));
    expect(screen.getByText('Now')).toBeTruthy();
    expect(screen.getByLabelText('late by 1:35')).toBeTruthy();
  });

  it('is done with one tap', async () => {
    const onDone = jest.fn();
    await show(viewAt(add, steps[add]!.atS), { onDone });
    await userEvent.press(screen.getByRole('button', { name: 'They are in' }));
    expect(onDone).toHaveBeenCalledTimes(1);
  });

  it('can be answered "not yet" once it is due, and not before', async () => {
    const onNotYet = jest.fn();
    await show(viewAt(add, steps[add]!.atS - 65), { onNotYet });
    expect(screen.queryByRole('button', { name: 'Not yet' })).toBeNull();
    await show(viewAt(add, steps[add]!.atS), { onNotYet });
    await userEvent.press(screen.getByRole('button', { name: 'Not yet' }));
    expect(onNotYet).toHaveBeenCalledTimes(1);
  });

  it('waits while the pot is paused', async () => {
    const onDone = jest.fn();
    await show(viewAt(add, steps[add]!.atS), { paused: true, onDone });
    await userEvent.press(screen.getByRole('button', { name: 'They are in' }));
    expect(onDone).not.toHaveBeenCalled();
    expect(screen.getByText('paused')).toBeTruthy();
  });

  it('asks back at the table while chicken lacks its time', async () => {
    const serve = steps.findIndex((step) => step.kind === 'serve');
    const view = viewAt(serve, steps[serve]!.atS);
    expect(view.gate).toBeUndefined();
    await show({ ...view, gate: { names: ['chicken'], signs: [], waitS: 120 } });
    expect(screen.getByRole('button', { name: 'It is on the table?' })).toBeTruthy();
  });

  it('ends with finishing the evening', async () => {
    await show(viewAt(steps.length, simmer.endsAtS + 5));
    expect(screen.getByRole('button', { name: 'Finish the evening' })).toBeTruthy();
  });
});

describe('what a tap changed', () => {
  it('is told in a sentence', () => {
    const late = { title: 'It boils: lid off, down to a simmer', kind: 'boil' as const, lateS: 140, movesReadyS: 140 };
    expect(changeWords(late, '19:32')).toBe('The boil: 2 min late. Ready 2 min later, at 19:32.');
    expect(changeWords({ title: 'Daikon in', kind: 'add', lateS: 95, movesReadyS: 0 }, '19:30')).toBe(
      'Daikon in: 2 min late. Nothing else moves.',
    );
    expect(changeWords({ title: 'Daikon in', kind: 'add', lateS: 45, movesReadyS: 0 }, '19:30')).toBeUndefined();
    expect(changeWords({ title: 'Daikon in', kind: 'add', lateS: -50, movesReadyS: -50 }, '19:29')).toMatch(
      /early\. Ready 50 s earlier/,
    );
  });
});

describe('what is in the pot, in words and in its drawing', () => {
  const [piece] = simmer.pieces.filter(({ safeS }) => safeS > 0);
  const one = (more: Partial<InPot>): InPot => ({
    piece: piece!,
    name: 'chicken',
    forS: 60,
    share: 0.5,
    state: 'cooking',
    readyInS: 200,
    overInS: 600,
    isSafe: false,
    ...more,
  });

  it('says to the second only what is known so well', () => {
    expect(inPotWords(one({}))).toBe('3:20 to go');
    expect(inPotWords(one({ readyBetweenS: [190, 220] }))).toBe('3:20 to go');
    expect(inPotWords(one({ readyBetweenS: [180, 320] }))).toBe('3 to 5 min to go');
    expect(inPotWords(one({ state: 'ready', overInS: 240 }))).toBe('ready, best for 4 min');
    expect(inPotWords(one({ state: 'ready', overInS: Infinity }))).toBe('ready');
    expect(inPotWords(one({ state: 'over', overInS: -5 }))).toBe('lift it out');
  });

  it('is marked as far as the one of it that has come less far, and safe only where all of it is', () => {
    const both = marksOf([one({ share: 1, state: 'ready', isSafe: true }), one({ share: 0.75 })]);
    expect(both).toEqual([[piece!.ingredientId, { share: 0.75, state: 'cooking', isSafe: false }]]);
    expect(marksOf([one({ share: 1, state: 'over', isSafe: true })])[0]![1]).toMatchObject({
      state: 'past',
      isSafe: true,
    });
    const aside = one({ piece: { ...piece!, pan: 'aside' } });
    expect(marksOf([aside])).toEqual([]);
  });
});
