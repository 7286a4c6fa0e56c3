import { planEvening, CATALOGUE } from '@elixa/core';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { practice } from '@/testing/household';
import { InTheMiddle } from './InTheMiddle';
import { layoutOf } from './chart/layout';
import { PieceRows } from './chart/PieceRows';
import { SimmerChart } from './chart/SimmerChart';
import { MomentPanel } from './MomentPanel';
import type { WhatIfState } from './useWhatIf';
import { WhatIfPanel } from './WhatIfPanel';

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

const chart = (more: Partial<Parameters<typeof SimmerChart>[0]> = {}) => {
  const heard = { onMoment: jest.fn(), onChosen: jest.fn(), onMoved: jest.fn() };
  const readyS = Math.max(...pieces.map((one) => one.outAtS));
  const given = { simmer, round: 1, units: 'metric', atS: readyS, levels: false, ...heard, ...more } as const;
  return { heard, shown: <SimmerChart {...given} />, readyS };
};

describe('a round on its line of time', () => {
  it('is moved through by keys, and never past the moment that it is lifted out', async () => {
    const { heard, shown, readyS } = chart();
    await render(shown);
    const time = screen.getByLabelText('The pot over time');
    expect(time.props['aria-valuetext']).toMatch(/^\d\d °C at /);
    await fireEvent(time, 'keyDown', { key: 'ArrowLeft', preventDefault: jest.fn() });
    expect(heard.onMoment).toHaveBeenLastCalledWith(readyS - 30);
    await fireEvent(time, 'keyDown', { key: 'ArrowRight', preventDefault: jest.fn() });
    expect(heard.onMoment).toHaveBeenLastCalledWith(readyS);
    await fireEvent(time, 'keyDown', { key: 'a', preventDefault: jest.fn() });
    expect(heard.onMoment).toHaveBeenCalledTimes(2);
  });

  it('has each thing moved by keys: what goes in earlier is in for longer', async () => {
    const { heard, shown } = chart();
    await render(shown);
    const daikon = pieces.find((one) => one.ingredientId === 'daikon')!;
    const inPotS = daikon.outAtS - daikon.inAtS;
    const handle = screen.getByLabelText('daikon in');
    await fireEvent(handle, 'keyDown', { key: 'ArrowLeft', preventDefault: jest.fn() });
    const [earlier, longerS] = heard.onMoved.mock.lastCall as [typeof daikon, number];
    expect([earlier.id, longerS > inPotS, longerS % 30]).toEqual([daikon.id, true, 0]);
    await fireEvent(handle, 'keyDown', { key: 'ArrowRight', preventDefault: jest.fn() });
    expect((heard.onMoved.mock.lastCall as [unknown, number])[1]).toBeLessThan(inPotS);
  });

  it('tells level and strength only when asked', async () => {
    const quiet = await render(chart().shown);
    const drawn = () => JSON.stringify(screen.toJSON());
    expect(drawn()).not.toContain('in the pot');
    await quiet.rerender(chart({ levels: true }).shown);
    expect(drawn()).toContain('in the pot');
  });
});

describe('the names beside the bars', () => {
  it('leave nothing behind when the page was too narrow for them: two lines may be cut to the same', async () => {
    const said = jest.spyOn(console, 'error');
    await render(<PieceRows layout={layoutOf(CATALOGUE, simmer, 1, 0)} top={0} width={0} />);
    expect(said.mock.calls.filter(([words]) => /same key/.test(String(words)))).toEqual([]);
  });
});

describe('the pot at a moment', () => {
  const at = (atS: number) => <MomentPanel evening={practice()} moment={{ plan, round: 1, atS }} drawn />;
  const chicken = pieces.find((one) => one.ingredientId === 'chickenThigh')!;

  it('has in it what is in by then, raw until it is safe and ready until it is past its best', async () => {
    const shown = await render(at(chicken.inAtS - 30));
    expect(screen.getByText('Nothing is in it yet.')).toBeTruthy();
    await shown.rerender(at(chicken.inAtS + 60));
    expect(screen.getByText(/^ ?\d+ °C in the middle, not cooked through yet$|not cooked through yet/)).toBeTruthy();
    await shown.rerender(at(chicken.outAtS));
    expect(screen.queryByText(/not cooked through yet/)).toBeNull();
    expect(screen.getAllByText(/ready$/).length).toBe(pieces.length);
  });
});

describe('what is tried out', () => {
  const found = (more: Partial<WhatIfState>): WhatIfState => ({
    wondered: { label: 'Daikon in for 10 min', edits: [{ kind: 'lidSet', lid: false }] },
    isFound: true,
    gone: 0,
    differences: [{ kind: 'piece', text: 'Daikon in 10 min before it comes out, was 14 min' }],
    ask: jest.fn(),
    leave: jest.fn(),
    ...more,
  });

  it('is kept as a change of the evening, or put back without one', async () => {
    const edit = jest.fn();
    const state = found({});
    await render(<WhatIfPanel whatIf={state} edit={edit} />);
    await fireEvent.press(screen.getByRole('button', { name: 'Put it back' }));
    expect([edit.mock.calls.length, (state.leave as jest.Mock).mock.calls.length]).toEqual([0, 1]);
    await fireEvent.press(screen.getByRole('button', { name: 'Keep it' }));
    expect(edit).toHaveBeenCalledWith({ kind: 'lidSet', lid: false });
  });

  it('says how far it is while it is worked out, and can be stopped', async () => {
    const state = found({ isFound: false, gone: 3 });
    await render(<WhatIfPanel whatIf={state} edit={jest.fn()} />);
    expect(screen.getByText('3 plans of this pot gone through')).toBeTruthy();
    expect(screen.queryByText('Put it back')).toBeNull();
    await fireEvent.press(screen.getByRole('button', { name: 'Stop' }));
    expect(state.leave).toHaveBeenCalledTimes(1);
  });

  it('cannot be kept while it is worked out, where it cannot be, or where something would be raw', async () => {
    const edit = jest.fn();
    for (const more of [
      { isFound: false },
      { fault: '300 W never bring it to the boil' },
      { differences: [{ kind: 'raw' as const, text: 'Chicken would not be cooked through' }] },
    ]) {
      const shown = await render(<WhatIfPanel whatIf={found(more)} edit={edit} />);
      await fireEvent.press(screen.getByRole('button', { name: 'Keep it' }));
      await shown.unmount();
    }
    expect(edit).not.toHaveBeenCalled();
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
