import { screen, userEvent } from '@testing-library/react-native';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { EachPot } from './EachPot';
import { useEvening } from './EveningContext';
import { Refused } from './Refused';

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));

function Both() {
  const { plan } = useEvening();
  return plan ? (
    <>
      <Refused plan={plan} />
      <EachPot plan={plan} />
    </>
  ) : null;
}

it('says that fourteen at a small pot do not work, and one tap plans three pots at once', async () => {
  const [first] = practice().diners;
  const diners = Array.from({ length: 14 }, (_, index) => ({ ...first!, name: `Ringer ${index + 1}` }));
  const { last } = await inEvening(practice({ diners }), <Both />);
  expect(screen.getByText(/^\d fillings of this pot take 2\s+h\s+\d+ at the table: that does not work$/)).toBeTruthy();
  expect(screen.queryByText(/pots alike/)).toBeNull();
  await userEvent.press(screen.getByRole('button', { name: /^Cook in (two|three) pots like it at once/ }));
  expect(last()?.choices.pots).toBeGreaterThan(1);
  expect(screen.queryByText(/does not work/)).toBeNull();
  expect(screen.getByText(/^(Two|Three) pots alike, each on a burner of its own/)).toBeTruthy();
});
