import { ingredientById } from '@elixa/core';
import { screen, userEvent } from '@testing-library/react-native';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { FoodList } from './FoodList';

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));
// The browser's own input and list stand for themselves; here they are those of the interface library.
jest.mock('@/ui/Field', () => jest.requireActual<object>('@/testing/field'));
// Drawings have tests of their own.
jest.mock('@/ui/pot/PieceSwatch', () => ({ PieceSwatch: () => null }));
jest.mock('./OwnThingSheet', () => ({ OwnThingSheet: () => null }));

const press = (name: RegExp | string) => userEvent.press(screen.getByRole('button', { name }));
const type = (label: RegExp, text: string) => userEvent.type(screen.getByLabelText(label), text);

describe('composing the pot', () => {
  it('finds something, puts it in and shows what that does to the pot', async () => {
    const { last } = await inEvening(practice(), <FoodList />);
    await press('Put something in');
    await type(/^Find it/, 'maitake');
    await press('Put in maitake');
    expect(last()?.choices.added).toEqual(['maitake']);
    expect(screen.getByText('How much')).toBeTruthy();
    await press('Take the maitake out again');
    expect(last()?.choices.added).toEqual([]);
  });

  it('takes an amount as it is typed, in pieces too, and says what it cannot read', async () => {
    const { last } = await inEvening(practice(), <FoodList />);
    await press(/^Change enoki/);
    await type(/^Or your own/, 'plenty');
    expect(screen.getByText(/^Amount: write it like/)).toBeTruthy();
    await userEvent.clear(screen.getByLabelText(/^Or your own/));
    await type(/^Or your own/, '2 tufts');
    await press('Take it');
    const { pieceG } = ingredientById('enoki').cuts.tuft!;
    expect(last()?.overrides.gramsPerHead?.enoki).toBe(Math.round(2 * pieceG));
  });

  it('names and counts the pieces as thick as they are cut tonight', async () => {
    const cut = { ...practice(), overrides: { thicknessMm: { chickenThigh: { chunk: 50 } } } };
    await inEvening(cut, <FoodList />);
    await press(/^Change chicken thigh/);
    expect(screen.getByRole('radio', { name: '50 mm chunks', checked: true })).toBeTruthy();
    expect(screen.getByText(/a head, about 1(\.\d)? pieces;/)).toBeTruthy();
  });

  it('keeps the sum of the mushrooms only where the cook says so', async () => {
    const { last } = await inEvening(practice(), <FoodList />);
    await press(/^Change enoki/);
    await userEvent.press(screen.getByRole('checkbox', { name: /^More, / }));
    expect(Object.keys(last()?.overrides.gramsPerHead ?? {})).toEqual(['enoki']);
    await userEvent.press(screen.getByRole('checkbox', { name: 'Keep the sum of the mushrooms' }));
    await userEvent.press(screen.getByRole('checkbox', { name: /^Less, / }));
    expect(Object.keys(last()?.overrides.gramsPerHead ?? {}).sort()).toEqual(['enoki', 'shiitake']);
  });

  it('exchanges like for like and back, and leaves out with a way back', async () => {
    const { last } = await inEvening(practice(), <FoodList />);
    await press(/^Change enoki/);
    await press(/^\d+ more$/);
    await press('maitake');
    expect(last()?.choices.swaps).toContainEqual({
      ingredientId: 'enoki',
      withIngredientId: 'maitake',
      scope: 'everyone',
    });
    await press('enoki mushrooms again');
    expect(last()?.choices.swaps.some((swap) => swap.ingredientId === 'enoki')).toBe(false);
    await press(/^Without enoki/);
    expect(last()?.choices.leaveOut).toContain('enoki');
    await press(/^Put enoki mushrooms back/);
    expect(last()?.choices.leaveOut).not.toContain('enoki');
  });

  it('says gently that nothing green is left, and brings some back with a tap', async () => {
    const bare = practice();
    const { last } = await inEvening({ ...bare, choices: { ...bare.choices, leaveOut: ['mizuna'] } }, <FoodList />);
    expect(screen.getByText(/^Nothing green is in it/)).toBeTruthy();
    await press('Put in spinach');
    expect(last()?.choices.added).toEqual(['spinach']);
    expect(screen.queryByText(/^Nothing green is in it/)).toBeNull();
  });
});
