import { planEvening } from '@elixa/core';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { practice } from '@/testing/household';
import { InTheMiddle } from './InTheMiddle';
import { PotOverTime } from './PotOverTime';

const plan = planEvening(practice());
const { simmer } = plan;
const pieces = simmer.pieces.filter((one) => one.round === 1);

// A colour of the theme is a variable of the page; the native side, which is not shipped, says that it knows none.
beforeAll(() => {
  const warn = console.warn;
  jest.spyOn(console, 'warn').mockImplementation((...said: unknown[]) => {
    if (!/is not a valid color or brush/.test(String(said[0]))) warn(...said);
  });
});
afterAll(() => jest.restoreAllMocks());

describe('the pot over time', () => {
  it('tells the end first, and any other moment by a tap', async () => {
    const toS = Math.max(...pieces.map((one) => one.outAtS));
    await render(<PotOverTime simmer={simmer} trace={simmer.trace!} units="metric" fromS={0} toS={toS} />);
    const told = () => JSON.stringify(screen.getByText(/in the pot, \d+ mm deep, 0\.\d\d % salt/).children);
    const before = told();
    await fireEvent.press(screen.getByRole('button', { name: 'Half a minute earlier' }));
    expect(told()).not.toBe(before);
    await fireEvent.press(screen.getByRole('button', { name: 'Half a minute later' }));
    await fireEvent.press(screen.getByRole('button', { name: 'Half a minute later' }));
    expect(told()).toBe(before);
  });
});

describe('cooked through', () => {
  it('tells what is of animals, with both temperatures and the time from which it is safe', async () => {
    await render(<InTheMiddle pieces={pieces} litAt={simmer.litAt} />);
    expect(screen.getAllByText(/the largest piece/)).toHaveLength(1);
    expect(screen.getByText(/^chicken: \d\d °C, the largest piece \d\d °C$/)).toBeTruthy();
    expect(screen.getByText(/Safe from .+ on\./)).toBeTruthy();
  });

  it('says so where it is not, and never that it is safe', async () => {
    const raw = pieces.map((one) => ({ ...one, safe: false, safeAtS: undefined, largestCentreTempC: 58 }));
    await render(<InTheMiddle pieces={raw} litAt={simmer.litAt} />);
    expect(screen.getByText(/Not cooked through/)).toBeTruthy();
    expect(screen.queryByText(/Safe from/)).toBeNull();
  });

  it('says nothing of a pot of vegetables, or one that was not gone through', async () => {
    const shown = await render(
      <InTheMiddle pieces={pieces.filter((one) => one.ingredientId !== 'chickenThigh')} litAt={simmer.litAt} />,
    );
    expect(shown.toJSON()).toBeNull();
    const untold = pieces.map((one) => ({ ...one, largestCentreTempC: undefined }));
    await shown.rerender(<InTheMiddle pieces={untold} litAt={simmer.litAt} />);
    expect(shown.toJSON()).toBeNull();
  });
});
