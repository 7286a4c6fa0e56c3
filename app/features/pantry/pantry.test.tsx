import { screen, userEvent } from '@testing-library/react-native';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { Button } from '@/ui/Button';
import { AddToPantry } from './AddToPantry';
import { pantryName } from './PantryRow';
import { PantrySection } from './PantrySection';
import { usePantry } from '@/state/usePantry';

jest.mock('@/ui/Field', () => jest.requireActual<object>('@/testing/field'));
jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));

function Filled() {
  const { count } = usePantry();
  return (
    <>
      <Button
        label="Fill it"
        onPress={() =>
          count([
            { itemId: 'kelp', massG: 50.4 },
            { itemId: 'satayPaste', massG: 120, bestBefore: '2020-01-31' },
          ])
        }
      />
      <PantrySection tonight={[]} />
    </>
  );
}

describe('adding to the pantry', () => {
  it('knows a thing by what other kitchens call it, and says what it is kept as', async () => {
    const onAdd = jest.fn();
    await inEvening(practice(), <AddToPantry onAdd={onAdd} onClose={() => undefined} />);
    await userEvent.type(screen.getByLabelText('What'), 'spring onions');
    expect(screen.getByText('It is kept as scallion.')).toBeTruthy();
    await userEvent.type(screen.getByLabelText('How much'), '100 g');
    await userEvent.press(screen.getByRole('button', { name: 'Add it' }));
    expect(onAdd).toHaveBeenCalledWith({ itemId: 'scallion', massG: 100, bestBefore: undefined });
  });
});

describe('the pantry', () => {
  it('names ingredients and jars, and never fails on what it does not know', () => {
    expect(pantryName('kelp')).toBe('dried kelp');
    expect(pantryName('citrusSoy')).toBe('Citrus and soy dip');
    expect(pantryName('moonDust')).toBe('moonDust');
  });

  it('says that nothing is counted, and has nothing to save then', async () => {
    await inEvening(practice(), <Filled />);
    expect(screen.getByText(/^Nothing is counted yet/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Save the pantry as CSV' })).toBeDisabled();
  });

  it('lists what is there, warns of what is past, and lets go of what is used up', async () => {
    const { stock } = await inEvening(practice(), <Filled />);
    await userEvent.press(screen.getByRole('button', { name: 'Fill it' }));
    expect(screen.getByText('2 things')).toBeTruthy();
    expect(screen.getByText('50 g')).toBeTruthy();
    expect(screen.getByText('was good until 31 January')).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'dried kelp is used up' }));
    expect(screen.queryByText('50 g')).toBeNull();
    expect(screen.getByText('1 thing')).toBeTruthy();
    // Nothing left is a count too, so that another device does not bring it back.
    expect(stock().find((item) => item.itemId === 'kelp')).toMatchObject({ massG: 0 });
  });
});
