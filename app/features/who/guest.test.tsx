import type { Diner } from '@elixa/contract';
import { screen, userEvent } from '@testing-library/react-native';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { Conflicts } from './Conflicts';
import { DinerSheet } from './DinerSheet';

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));
// The browser's own input and list stand for themselves; here they are those of the interface library.
jest.mock('@/ui/Field', () => jest.requireActual<object>('@/testing/field'));

const press = (name: RegExp | string) => userEvent.press(screen.getByRole('button', { name }));
const chip = (name: string) => userEvent.press(screen.getByRole('checkbox', { name }));
const type = (label: RegExp, text: string) => userEvent.type(screen.getByLabelText(label), text);
const bram: Diner = { name: 'Bram', appetite: 'large', diets: [], avoids: [], child: false };

describe('a guest', () => {
  const saved: Diner[] = [];
  const open = (diner: Diner) =>
    inEvening(
      practice(),
      <DinerSheet
        diner={diner}
        taken={[]}
        canLeave
        onSave={(one) => saved.push(one)}
        onLeave={() => undefined}
        onClose={() => undefined}
      />,
    );

  it('has an age where it is a child, and none once it is not', async () => {
    await open(bram);
    expect(screen.queryByLabelText(/^Age/)).toBeNull();
    await chip('Child');
    await type(/^Age/, '30');
    expect(screen.getByText(/^Age: use a number from 0 to 17/)).toBeTruthy();
    await userEvent.clear(screen.getByLabelText(/^Age/));
    await type(/^Age/, '3');
    await press('Done');
    expect(saved.at(-1)).toMatchObject({ child: true, years: 3 });
    await chip('Child');
    await press('Done');
    expect(saved.at(-1)).toMatchObject({ child: false });
    expect(saved.at(-1)).not.toHaveProperty('years');
  });

  it('must not have one thing, and does not like another: each is found by its name and can be taken back', async () => {
    await open(bram);
    await chip('Lupin');
    await type(/^Something else they must not have/, 'enoki');
    await press(/must not have: enoki/);
    await type(/^Something they do not like/, 'coriander');
    await press(/do not like: coriander/);
    await type(/^Something they do not like/, 'zzz');
    expect(screen.getByText(/knows a thing of that name/)).toBeTruthy();
    await press('Done');
    expect(saved.at(-1)).toMatchObject({ avoids: ['lupin', 'enoki'], dislikes: ['coriander'] });
    await chip('coriander leaves');
    await press('Done');
    expect(saved.at(-1)!.dislikes).toBeUndefined();
  });
});

describe('who is asked about alcohol', () => {
  it('is settled by a tap, for that guest alone, and can be opened again', async () => {
    const { choices, diners, ...rest } = practice();
    const evening = { ...rest, diners, choices: { ...choices, swaps: [] } };
    const { last } = await inEvening(evening, <Conflicts />);
    const seat = diners.findIndex((one) => one.name === 'Pim');
    await userEvent.press(screen.getAllByRole('button', { name: 'Asked: Pim may have it' })[0]!);
    expect(last()?.diners[seat]!.agreed).toEqual(['alcohol']);
    expect(screen.getAllByText(/^Settled: whoever answers for Pim was asked/).length).toBeGreaterThan(0);
    expect(screen.queryByRole('button', { name: 'Asked: Pim may have it' })).toBeNull();
    await userEvent.press(screen.getAllByRole('button', { name: /^Change .* for Pim$/ })[0]!);
    expect(last()?.diners[seat]).not.toHaveProperty('agreed');
  });
});
