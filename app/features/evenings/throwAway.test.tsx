import { render, screen, userEvent } from '@testing-library/react-native';
import { router } from 'expo-router';
import { Provider } from 'react-redux';
import { makeStore } from '@/state';
import { eveningMade } from '@/state/drafts';
import { eventRecorded } from '@/state/log';
import { practice } from '@/testing/household';
import { EveningBin } from './EveningBin';
import { ThrowAway } from './ThrowAway';

const mockRemove = jest.fn(async () => ({}));
const mockRestore = jest.fn(async () => ({}));
const mockThrown = {
  id: 'night',
  title: 'Nine bells',
  sitDownAt: '2026-11-24T19:30:00+00:00',
  deletedAt: '2026-11-25T10:00:00.000Z',
  goneAt: '2026-12-25T10:00:00.000Z',
};
jest.mock('expo-router', () => ({ router: { replace: jest.fn() } }));
jest.mock('@/state/api', () => ({
  ...jest.requireActual<object>('@/state/api'),
  useReadBinQuery: () => ({ data: { evenings: [mockThrown] } }),
  useRemoveEveningMutation: () => [mockRemove],
  useRestoreEveningMutation: () => [mockRestore],
}));

const evening = practice();

async function shown(hasLog: boolean) {
  mockRemove.mockClear();
  const store = makeStore();
  if (hasLog) {
    const event = { id: 'a1', type: 'ticked', list: 'counter', itemId: 'kelp', on: true } as const;
    store.dispatch(
      eventRecorded({ eveningId: evening.id, event: { ...event, at: evening.sitDownAt, device: 'this-phone' } }),
    );
  }
  await render(
    <Provider store={store}>
      <ThrowAway evening={evening} />
    </Provider>,
  );
  return () => store.getState().notice.shown;
}

describe('an evening that is not wanted any more', () => {
  it('is thrown away at once where nothing was done for it, with the way back', async () => {
    const notice = await shown(false);
    await userEvent.press(screen.getByRole('button', { name: 'Throw this evening away' }));
    expect(mockRemove).toHaveBeenCalledWith(evening.id);
    expect(notice()).toEqual({ says: `${evening.title} lies in the bin`, undoDelete: evening.id });
    expect(router.replace).toHaveBeenCalledWith('/');
  });

  it('is asked about where it has a log, and stays where it is kept', async () => {
    await shown(true);
    await userEvent.press(screen.getByRole('button', { name: 'Throw this evening away' }));
    await userEvent.press(screen.getByRole('button', { name: 'Keep it' }));
    await userEvent.press(screen.getByRole('button', { name: 'Throw this evening away' }));
    expect(mockRemove).not.toHaveBeenCalled();
    await userEvent.press(screen.getByRole('button', { name: 'Yes, throw it away' }));
    expect(mockRemove).toHaveBeenCalledWith(evening.id);
  });

  it('is asked about where the server never had it, since nothing brings it back', async () => {
    mockRemove.mockClear();
    const store = makeStore();
    store.dispatch(eveningMade(evening));
    await render(
      <Provider store={store}>
        <ThrowAway evening={evening} />
      </Provider>,
    );
    await userEvent.press(screen.getByRole('button', { name: 'Throw this evening away' }));
    expect(screen.getByText(/is on this device only: nothing brings it back/)).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'Yes, throw it away' }));
    expect(store.getState().drafts[evening.id]).toBeUndefined();
    expect(mockRemove).not.toHaveBeenCalled();
  });

  it('stays, and says so, where the server is away', async () => {
    const notice = await shown(false);
    mockRemove.mockResolvedValueOnce({ error: { status: 'FETCH_ERROR' } });
    await userEvent.press(screen.getByRole('button', { name: 'Throw this evening away' }));
    expect(notice()).toEqual({ says: `${evening.title} cannot be thrown away while the server is away` });
  });
});

describe('the bin', () => {
  it('has what was thrown away until its day, and gives it back', async () => {
    await render(<EveningBin />);
    await userEvent.press(screen.getByRole('button', { name: 'The bin: 1 evening' }));
    expect(screen.getByText(/kept until .*25 December/)).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'Bring Nine bells back' }));
    expect(mockRestore).toHaveBeenCalledWith('night');
  });
});
