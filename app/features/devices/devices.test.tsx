import { act, render, screen, userEvent } from '@testing-library/react-native';
import { DeviceLines } from './DeviceLines';
import { useHob } from './useHob';
import { useProbe, type ProbedAt } from './useProbe';
import { isOtherFire, isWorthTelling } from './worthTelling';
import { useEffect } from 'react';

/** The streams that were opened, as the server holds them. */
class Stream {
  static all: Stream[] = [];
  onmessage?: (event: { data: string }) => void;
  onerror?: () => void;
  taken?: () => void;
  isOpen = true;
  constructor(readonly url: string) {
    Stream.all.push(this);
  }
  addEventListener(_name: string, listener: () => void) {
    this.taken = listener;
  }
  close() {
    this.isOpen = false;
  }
}
const last = () => Stream.all.at(-1)!;
const says = (reading: object) =>
  act(async () => last().onmessage?.({ data: JSON.stringify({ atMs: Date.now(), ...reading }) }));

const onFact = jest.fn();
const told: Array<[string, object]> = [];
let isPractice = false;

function AtTheStove({
  into,
  hob: withHob,
  fire,
}: {
  into?: ProbedAt;
  hob?: boolean;
  fire?: { share: number; holds?: 'boil' };
}) {
  const probe = useProbe('practice-night', onFact);
  const hob = useHob(fire && { is: 'heat', ...fire }, onFact);
  useEffect(() => {
    if (into) probe.putInto(into);
    if (withHob) hob.connect();
    // Once, as by a tap.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return <DeviceLines probe={probe} hob={hob} />;
}

beforeEach(() => {
  jest.useFakeTimers();
  jest.clearAllMocks();
  Stream.all = [];
  told.length = 0;
  isPractice = false;
  Object.assign(globalThis, {
    EventSource: Stream,
    fetch: async (url: string, sent?: { body?: string }) => {
      if (sent) told.push([url, JSON.parse(sent.body ?? '{}') as object]);
      return { json: async () => ({ devices: [{ id: 'hob', isPractice }] }) };
    },
  });
});
afterEach(() => jest.useRealTimers());

describe('a probe that reads by itself', () => {
  const CHICKEN: ProbedAt = { name: 'chicken', pieceId: 'chicken-1' };

  it('is told once it has come to its place, and again where that changes', async () => {
    await render(<AtTheStove into={CHICKEN} />);
    expect(told).toEqual([['/api/devices/probe/place', { eveningId: 'practice-night', pieceId: 'chicken-1' }]]);
    await says({ tempC: 21 });
    expect(onFact).not.toHaveBeenCalled();
    jest.advanceTimersByTime(31_000);
    await says({ tempC: 40 });
    await says({ tempC: 48 });
    jest.advanceTimersByTime(21_000);
    await says({ tempC: 52 });
    expect(onFact.mock.calls.map(([fact]) => fact.saw)).toEqual([
      { is: 'probe', tempC: 40, read: true, pieceId: 'chicken-1' },
      { is: 'probe', tempC: 52, read: true, pieceId: 'chicken-1' },
    ]);
    expect(screen.getByText(/52.0 °C/)).toBeTruthy();
  });

  it('says that it does not answer, and that another screen reads it, and can be taken', async () => {
    await render(<AtTheStove into={{ name: 'broth' }} />);
    await says({ tempC: 60 });
    await act(async () => jest.advanceTimersByTime(15_000));
    expect(screen.getByText(/does not answer/)).toBeTruthy();
    await says({ tempC: 61 });
    expect(screen.getByText(/61.0 °C/)).toBeTruthy();
    await act(async () => last().taken?.());
    expect(screen.getByText(/is read on another screen/)).toBeTruthy();
    expect(last().isOpen).toBe(false);
    jest.useRealTimers();
    await userEvent.press(screen.getByRole('button', { name: 'Read it here' }));
    expect(last().url).toMatch(/take=1/);
  });

  it('is told no oftener than is worth it', () => {
    const last = { tempC: 80, atMs: 100_000 };
    expect(isWorthTelling({ tempC: 95, atMs: 110_000 }, last, 0)).toBe(false);
    expect(isWorthTelling({ tempC: 81, atMs: 125_000 }, last, 0)).toBe(false);
    expect(isWorthTelling({ tempC: 82, atMs: 125_000 }, last, 0)).toBe(true);
    expect(isWorthTelling({ tempC: 80, atMs: 161_000 }, last, 0)).toBe(true);
  });
});

describe('a hob that tells of its fire', () => {
  it('is believed when it says three times that a hand turned it, and is turned down by a tap', async () => {
    const shown = await render(<AtTheStove hob fire={{ share: 1 }} />);
    for (const share of [1, 0.3, 0.3]) await says({ share });
    expect(onFact).not.toHaveBeenCalled();
    await says({ share: 0.3 });
    expect(onFact.mock.calls).toEqual([[{ potId: 'main', act: { is: 'heat', share: 0.3 } }]]);
    await shown.rerender(<AtTheStove hob fire={{ share: 0.3 }} />);
    expect(told).toEqual([]);
    await shown.rerender(<AtTheStove hob fire={{ share: 0 }} />);
    expect(told).toEqual([['/api/devices/hob/set', { share: 0 }]]);
  });

  it('that is a stand-in has its knob where the hand that taps puts it', async () => {
    isPractice = true;
    const shown = await render(<AtTheStove hob fire={{ share: 1 }} />);
    await act(async () => undefined);
    expect(told).toEqual([['/api/devices/hob/turn', { share: 1 }]]);
    await shown.rerender(<AtTheStove hob fire={{ share: 0.3 }} />);
    expect(told.at(-1)).toEqual(['/api/devices/hob/turn', { share: 0.3 }]);
    expect(screen.getByRole('button', { name: 'Turn the hob: off' })).toBeTruthy();
  });

  it('is never turned up from here', async () => {
    const shown = await render(<AtTheStove hob fire={{ share: 0.3 }} />);
    await says({ share: 0.3 });
    await shown.rerender(<AtTheStove hob fire={{ share: 1 }} />);
    expect(told).toEqual([]);
  });

  it('that is held at the boil is another fire only when it is off', () => {
    expect(isOtherFire(0.4, { share: 1, holds: 'boil' })).toBe(false);
    expect(isOtherFire(0, { share: 1, holds: 'boil' })).toBe(true);
    expect(isOtherFire(0.5, { share: 0.55 })).toBe(false);
    expect(isOtherFire(0.5, undefined)).toBe(true);
  });
});
