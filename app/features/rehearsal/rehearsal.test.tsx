import { act, screen, userEvent } from '@testing-library/react-native';
import { makeRehearsing, type RehearsalQuestion, type Rehearsed, type TruthQuestion } from '@elixa/core';
import { practice } from '@/testing/household';
import { inEvening } from '@/testing/inEvening';
import { RehearsalScreen } from './RehearsalScreen';

jest.mock('@/state/useGuard', () => ({ useGuard: (_meaning: unknown, does: () => void) => does }));
jest.mock('@/ui/pot/PotDrawn', () => ({ PotDrawn: () => null }));
jest.mock('@/ui/pot/PieceSwatch', () => ({ PieceSwatch: () => null }));
const mockRehearsing = makeRehearsing();
jest.mock('@/workers/planner', () => ({
  askRehearsal: (
    _key: string,
    question: RehearsalQuestion | TruthQuestion,
    { found }: { found(finds: Rehearsed): void },
  ) => {
    for (const said of mockRehearsing(question)) if (said) found(said);
  },
  stopRehearsal: () => undefined,
  askStove: () => undefined,
  stopStove: () => undefined,
  askPlanner: () => undefined,
  stopPlanner: () => undefined,
}));

const evening = practice({ diners: practice().diners.slice(0, 2) });
const press = (name: string | RegExp) => userEvent.press(screen.getByRole('button', { name }));
const stage = () => screen.getAllByRole('heading')[0]!;

describe('an evening that is rehearsed', () => {
  it('goes by itself, is taken on by hand at a tap, keeps its log to itself, and says what to watch', async () => {
    const { log } = await inEvening(evening, <RehearsalScreen />);
    await userEvent.press(screen.getByRole('checkbox', { name: /A weak burner/ }));
    await press('Rehearse it');
    expect(screen.getByText('Rehearsal, by itself')).toBeTruthy();
    await press('Stop the clock');
    const before = stage().props.children;
    await press('A minute on');
    await press('Something else happened');
    await press('Lid, fire, spoon');
    await press('Lid off');
    expect(screen.getByText('Rehearsal, by hand')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Take back: Lid off' })).toBeTruthy();
    // What is seen is the true stove of this kitchen.
    expect(screen.getByText(/^(It is still|It steams)/)).toBeTruthy();
    expect(stage().props.children).toBe(before);
    expect(log()).toEqual([]);
    await press('To the end');
    expect(screen.getByText('To watch tonight')).toBeTruthy();
    expect(screen.getByText(/^Say "it boils" when it does/)).toBeTruthy();
    await press('Rehearse it again');
    expect(screen.getByRole('button', { name: 'Rehearse it' })).toBeTruthy();
    await act(async () => undefined);
  });
});
