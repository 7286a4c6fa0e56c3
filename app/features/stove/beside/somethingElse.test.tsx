import type { LiveNews } from '@elixa/contract';
import { factsOf, liveSteps, liveView, planPot, WAITING, type LiveState, CATALOGUE } from '@elixa/core';
import { fireEvent, screen, userEvent } from '@testing-library/react-native';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { Cooking } from '../Cooking';

// That a button is deaf for a moment has a test of its own.
jest.mock('@/state/useGuard', () => ({ useGuard: (_meaning: unknown, act: () => void) => act }));
jest.mock('@/ui/pot/PotDrawn', () => ({ PotDrawn: () => null }));
jest.mock('@/ui/pot/PieceSwatch', () => ({ PieceSwatch: () => null }));
jest.mock('@/ui/Field', () => {
  const { TextInput, Text } = jest.requireActual('react-native');
  const Field = (props: { label: string; value: string; error?: string; onChange(text: string): void }) => (
    <>
      <TextInput aria-label={props.label} value={String(props.value)} onChangeText={props.onChange} />
      {props.error ? <Text role="alert">{props.error}</Text> : null}
    </>
  );
  return { Field, NumberField: Field };
});

const evening = practice();
const plan = planPot(evening);
const steps = liveSteps(CATALOGUE, plan.simmer);
const adds = steps.filter(({ kind, round }) => kind === 'add' && round === 1);

/** The stove with its first steps tapped when they were due, and what is told there. */
async function atTheStove(upTo: number, taps: LiveState['taps'] = []) {
  const state: LiveState = {
    ...WAITING,
    status: 'running',
    startedAtMs: 0,
    started: {
      eventId: '0',
      evening,
      planId: '5e7b8c1e-0000-4000-8000-000000000000',
      plan,
      sinceS: 0,
      earlier: [],
    },
    taps: [
      ...steps.slice(0, upTo).map((step) => ({
        eventId: `tap ${step.step}`,
        facts: factsOf(step, plan, '5e7b8c1e-0000-4000-8000-000000000000'),
        atS: step.atS,
      })),
      ...taps,
    ],
  };
  const record = jest.fn<string, [LiveNews]>(() => 'an id');
  const log = { events: [], state, unsent: 0, record, adopt: () => 'an id', adoptAgain: jest.fn() };
  const view = liveView(plan, steps, state, (steps[upTo - 1]!.atS + 5) * 1000);
  await inEvening(evening, <Cooking evening={evening} plan={plan} view={view} log={log} />);
  return record;
}

const press = (name: string | RegExp) => userEvent.press(screen.getByRole('button', { name }));
const recorded = (record: Awaited<ReturnType<typeof atTheStove>>) =>
  record.mock.calls.map(([news]) => (news.type === 'happened' ? news.facts.map(({ act, saw }) => act ?? saw) : news));

describe('something else that happened at the stove', () => {
  const boiled = steps.findIndex(({ kind }) => kind === 'boil') + 1;

  it('is told in three taps: the lid', async () => {
    const record = await atTheStove(boiled);
    await press('Something else happened');
    await press('Lid, fire, spoon');
    await press('Lid off');
    expect(recorded(record)).toEqual([[{ is: 'lid', lid: 'off' }]]);
    // It is read, and the sheet is gone.
    expect(screen.queryByRole('button', { name: 'Lid off' })).toBeNull();
  });

  it('puts what is still on the counter first, and that answers its line of the plan', async () => {
    const record = await atTheStove(boiled);
    await press('Something else happened');
    await press(adds[1]!.title);
    const [news] = record.mock.calls[0]!;
    expect(news).toMatchObject({ type: 'happened' });
    expect(news.type === 'happened' && news.facts.every(({ answers }) => answers)).toBe(true);
  });

  it('warns whom it would harm before it is in, asks how much, and refuses what is no amount', async () => {
    const record = await atTheStove(boiled);
    await press('Something else happened');
    await press('Something else went in');
    await fireEvent.changeText(screen.getByLabelText('What went in'), 'shrimp');
    await press(/^prawns/);
    expect(screen.getByText(/Kasper avoids crustaceans\. Nothing out of this pot is for them/)).toBeTruthy();
    await fireEvent.changeText(screen.getByLabelText('Or how much it was'), 'a lot');
    await press('That is it');
    expect(screen.getByText(/^How much: write it like 250 g/)).toBeTruthy();
    expect(record).not.toHaveBeenCalled();
    await fireEvent.changeText(screen.getByLabelText('Or how much it was'), '150 g');
    await press('That is it');
    expect(recorded(record)).toEqual([[expect.objectContaining({ is: 'added', ingredientId: 'prawn', massG: 150 })]]);
  });

  it('pours and ladles by what was chosen', async () => {
    const record = await atTheStove(boiled);
    await press('Something else happened');
    await press('Poured in, or ladled out');
    await userEvent.press(screen.getByRole('radio', { name: 'Ladled into the jug' }));
    await press('200 ml');
    expect(recorded(record)).toEqual([[{ is: 'ladled', ml: 200, to: 'jug' }]]);
  });
});

describe('what was told', () => {
  const eventId = 'by mistake';
  const taps = [
    { eventId, facts: [{ potId: 'main', round: 1, act: { is: 'lid' as const, lid: 'off' as const } }], atS: 200 },
  ];

  it('is read back, and each of it can be taken back but the lighting', async () => {
    const record = await atTheStove(2, taps);
    await press('Take back: Lid off');
    expect(recorded(record)).toEqual([{ type: 'undone', target: eventId }]);
    expect(screen.queryByRole('button', { name: `Take back: ${steps[0]!.title}` })).toBeNull();
  });

  it('says that nothing cooks where the fire was put out', async () => {
    const off = [{ ...taps[0]!, facts: [{ potId: 'main', round: 1, act: { is: 'heat' as const, share: 0 } }] }];
    const record = await atTheStove(2, off);
    expect(screen.getByText('The fire is off: nothing cooks on.')).toBeTruthy();
    await press('It is on again');
    expect(recorded(record)).toEqual([[expect.objectContaining({ is: 'heat', share: 1 })]]);
  });
});
