import type { Edit, Evening, Remedy } from '@elixa/contract';
import { applyEdits, planEvening, shiftIso } from '@elixa/core';
import { render, screen, userEvent } from '@testing-library/react-native';
import { Provider } from 'react-redux';
import { makeStore } from '@/state';
import { EveningProvider } from '@/features/evening/EveningContext';
import { practice } from '@/testing/household';
import { clock } from '@/ui/time';
import { Remedies } from './Remedies';

const evening = practice();
const { prep, ...plan } = planEvening(evening);
const LATE_S = 2340;
const EDITS: Record<string, Edit> = {
  secondCook: { kind: 'handsSet', cooks: 2 },
  quickBroth: { kind: 'liquidsChosen', liquids: { broth: 'quickPowder' } },
};
const LATER: Edit = { kind: 'sitDownMoved', sitDownAt: shiftIso(evening.sitDownAt, LATE_S) };

const remedy = (changeIds: string[], lateS: number, ...changes: string[]): Remedy => ({
  id: changeIds.join('+') || 'sitDownLater',
  changeIds,
  laterS: changeIds.length === 0 ? LATE_S : undefined,
  changes,
  edits: changeIds.length === 0 ? [LATER] : changeIds.map((id) => EDITS[id]!),
  lateS,
  gainsS: LATE_S - lateS,
});
const FOUND = [
  remedy([], 0, 'Sit down 39 minutes later'),
  remedy(['secondCook', 'quickBroth'], 360, 'Ask somebody to help', 'The ten-minute broth from powder'),
  remedy(['secondCook'], 660, 'Ask somebody to help'),
  remedy(['quickBroth'], 2100, 'The ten-minute broth from powder'),
];

async function late(remedies: Remedy[] | undefined, lateS = LATE_S, trying?: { tried: number; of: number }) {
  const edit = jest.fn<void, Edit[]>();
  await render(
    <Provider store={makeStore()}>
      <EveningProvider
        value={{
          evening,
          edit,
          plan,
          faults: [],
          pending: false,
          prep: { ...prep, late: lateS },
          remedies,
          trying,
        }}
      >
        <Remedies />
      </EveningProvider>
    </Provider>,
  );
  return edit;
}

describe('short of time', () => {
  it('says nothing while there is time', async () => {
    await late([], 0);
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.queryByText(/short$/)).toBeNull();
  });

  it('says by how much at once, and that it works on what helps', async () => {
    await late(undefined);
    expect(screen.getByText('39 min short')).toBeTruthy();
    expect(screen.getByText('Working out what helps…')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('shows what helps so far and how far the search has come, with a way to leave it', async () => {
    await late(FOUND.slice(0, 2), LATE_S, { tried: 3, of: 9 });
    expect(screen.getByText('3 of 9 changes tried')).toBeTruthy();
    expect(screen.getByRole('button', { name: /^Sit down at/ })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Stop looking for more that helps' })).toBeTruthy();
  });

  it('shows three with where they lead to, and the rest after a tap', async () => {
    await late(FOUND);
    const at = clock(Date.parse(evening.sitDownAt) + LATE_S * 1000);
    expect(screen.getByRole('button', { name: `Sit down at ${at}: on time` })).toBeTruthy();
    expect(
      screen.getByRole('button', {
        name: 'Ask somebody to help, and The ten-minute broth from powder: still 6 min late',
      }),
    ).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^The ten-minute broth/ })).toBeNull();
    await userEvent.press(screen.getByRole('button', { name: '1 more that helps' }));
    expect(screen.getByRole('button', { name: 'The ten-minute broth from powder: still 35 min late' })).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'Fewer ways' }));
    expect(screen.queryByRole('button', { name: /^The ten-minute broth/ })).toBeNull();
  });

  it('takes one with one tap: the evening is changed as it says', async () => {
    const edit = await late(FOUND);
    await userEvent.press(screen.getByRole('button', { name: /^Sit down at/ }));
    await userEvent.press(screen.getByRole('button', { name: 'Ask somebody to help: still 11 min late' }));
    await userEvent.press(screen.getByRole('button', { name: /^Ask somebody to help, and/ }));
    const [later, helped, both] = edit.mock.calls.map((edits) => applyEdits(evening, edits)) as [
      Evening,
      Evening,
      Evening,
    ];
    expect(Date.parse(later.sitDownAt) - Date.parse(evening.sitDownAt)).toBe(LATE_S * 1000);
    expect(helped.cooks).toBe(2);
    expect(both.cooks).toBe(2);
    expect(both.choices.liquids?.broth).toBe('quickPowder');
  });
});
