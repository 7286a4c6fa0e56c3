import { applyEdit, housePotOf } from '@elixa/core';
import { screen, userEvent } from '@testing-library/react-native';
import { api } from '@/state/api';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { HousePots } from './HousePots';
import { KeepPot } from './KeepPot';
import { readPotFile } from './readPotFile';

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));
// The browser's own fields stand for themselves; here they are those of the interface library.
jest.mock('@/ui/Field', () => jest.requireActual<object>('@/testing/field'));
jest.mock('@/ui/useFileChoice', () => ({ useFileChoice: () => ({ choose: () => undefined, field: null }) }));
// Nobody answers here.
jest.spyOn(api, 'useReadPotsQuery').mockReturnValue({ refetch: jest.fn() } as never);

const press = (name: RegExp | string) => userEvent.press(screen.getByRole('button', { name }));
const ours = applyEdit(practice(), { kind: 'putIn', ingredientId: 'maitake' });
const both = (
  <>
    <KeepPot />
    <HousePots onChosen={() => undefined} />
  </>
);

describe('pots of the house', () => {
  it('are kept under a name, changed, cooked again and thrown away', async () => {
    const { last } = await inEvening(ours, both);
    await press('Keep this pot');
    await press('Keep it');
    expect(screen.getByText('Name: write one.')).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Name'), 'Belfry pot');
    await press('Keep it');
    expect(last()?.housePot?.name).toBe('Belfry pot');
    expect(screen.getByText('This is Belfry pot, as the house keeps it.')).toBeTruthy();
    expect(screen.getByText(/^Clear chicken pot · .*with maitake/)).toBeTruthy();
    await press('Change Belfry pot');
    await press('Throw it away');
    expect(screen.getByText(/^None is kept yet/)).toBeTruthy();
  });

  it('do not take a name twice', async () => {
    await inEvening(ours, both);
    const keepAs = async (button: string, name: string) => {
      await press(button);
      await userEvent.type(screen.getByLabelText('Name'), name);
      await press('Keep it');
    };
    await keepAs('Keep this pot', 'Belfry pot');
    await keepAs('Keep it as another', 'belfry POT');
    expect(screen.getByText('Name: there is one of that name. Use another.')).toBeTruthy();
  });
});

describe('a pot from a file', () => {
  const pot = housePotOf(ours, { id: 'pot-1', name: 'Belfry pot', changedAt: '2026-11-20T10:00:00.000Z' });
  const read = (document: unknown) => readPotFile(JSON.stringify(document), practice());

  it('is taken in as it was given away', () => {
    expect(read(pot).pot).toEqual(JSON.parse(JSON.stringify(pot)));
  });

  it('is refused with the fields where it is no pot, or names what the catalogue does not hold', () => {
    expect(readPotFile('not a pot', practice()).faults[0]?.field).toBe('(file)');
    expect(read({ ...pot, service: 'buffet' }).faults[0]?.field).toBe('service');
    const wrong = { ...pot, choices: { ...pot.choices, added: ['gravel'] } };
    expect(read(wrong).faults[0]?.field).toBe('choices.added[0]');
  });

  it('is taken in although tonight’s vessel does not carry it', () => {
    const stacks = housePotOf(applyEdit(practice(), { kind: 'styleChosen', styleId: 'layeredBeefCabbage' }), pot);
    const deep = { ...practice().vessel, innerDiameterMm: 200, innerDepthMm: 190, rimVolumeMl: 5500 };
    expect(readPotFile(JSON.stringify(stacks), { ...practice(), vessel: deep }).pot?.name).toBe('Belfry pot');
  });
});
