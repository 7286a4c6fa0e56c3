import { render, screen } from '@testing-library/react-native';
import { Provider } from 'react-redux';
import { makeStore } from '@/state';
import { pageIsOld } from '@/state/connection';
import { OldPage } from './OldPage';

async function shown(isOld: boolean, isLit: boolean) {
  const store = makeStore();
  if (isOld) store.dispatch(pageIsOld());
  await render(
    <Provider store={store}>
      <OldPage isLit={isLit} />
    </Provider>,
  );
  return screen.queryByRole('button', { name: 'Reload this page' }) !== null;
}

describe('a page that is older than the house', () => {
  it('asks to be reloaded, and never while a pot is lit', async () => {
    expect(await shown(true, false)).toBe(true);
    expect(await shown(true, true)).toBe(false);
    expect(await shown(false, false)).toBe(false);
  });
});
