import type { HobReport, ProbePlace, ProbeReading } from '@elixa/contract';
import { steadyNoise } from './device';
import { standInHob } from './hob';
import { oneOwner } from './oneOwner';
import { standInProbe } from './probeThermometer';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** A clock that is moved by hand, second by second, and what is waited for meanwhile. */
function bench() {
  let atMs = 0;
  return {
    nowMs: () => atMs,
    async pass(ms: number) {
      for (let passed = 0; passed < ms; passed += 1000) {
        atMs += 1000;
        jest.advanceTimersByTime(1000);
        for (let turn = 0; turn < 6; turn += 1) await Promise.resolve();
      }
    },
  };
}

const PLACE: ProbePlace = { eveningId: 'practice-night' };

describe('the stand-in for a probe thermometer', () => {
  const onABench = (warmthOf: (place: ProbePlace) => Promise<number | undefined>) => {
    const { nowMs, pass } = bench();
    const probe = standInProbe(warmthOf, { noise: steadyNoise(7), nowMs });
    const readings: ProbeReading[] = [];
    probe.listen((reading) => readings.push(reading));
    return { probe, readings, pass, last: () => readings.at(-1)!.tempC };
  };

  it('lags: two thirds of the way after eight seconds, there after a minute', async () => {
    const { probe, pass, last } = onABench(async () => 95);
    probe.putInto(PLACE);
    await pass(8_000);
    expect(Math.abs(last() - (20 + 75 * 0.632))).toBeLessThan(4);
    await pass(60_000);
    expect(Math.abs(last() - 95)).toBeLessThan(1.5);
  });

  it('trembles by less than a degree and a half, and drops out now and then, for seconds', async () => {
    const { probe, pass, readings } = onABench(async () => 80);
    probe.putInto(PLACE);
    await pass(1_800_000);
    const late = readings.slice(100);
    const temps = late.map(({ tempC }) => tempC);
    const mean = temps.reduce((sum, one) => sum + one, 0) / temps.length;
    expect(Math.abs(mean - 80)).toBeLessThan(0.2);
    expect(Math.max(...temps) - Math.min(...temps)).toBeGreaterThan(0.8);
    expect(Math.max(...temps.map((one) => Math.abs(one - 80)))).toBeLessThan(1.5);
    const gaps = late.map(({ atMs }, at) => atMs - (late[at - 1]?.atMs ?? atMs - 1000));
    expect(Math.max(...gaps)).toBeGreaterThan(5_000);
    expect(Math.max(...gaps)).toBeLessThan(60_000);
  });

  it('misses a reading that fails, says why, and reads on', async () => {
    const { nowMs, pass } = bench();
    const onFailed = jest.fn();
    let isThere = false;
    const probe = standInProbe(
      async () => {
        if (!isThere) throw new Error('no such evening');
        return 90;
      },
      { nowMs, onFailed },
    );
    const readings: ProbeReading[] = [];
    probe.putInto(PLACE);
    probe.listen((reading) => readings.push(reading));
    await pass(3_000);
    expect(readings).toEqual([]);
    expect(onFailed.mock.calls[0]).toEqual([new Error('no such evening')]);
    isThere = true;
    await pass(60_000);
    expect(Math.abs(readings.at(-1)!.tempC - 90)).toBeLessThan(1.5);
  });

  it('shows the room where it is stuck into nothing', async () => {
    const { probe, pass, last } = onABench(async () => undefined);
    probe.putInto(PLACE);
    await pass(30_000);
    expect(Math.abs(last() - 20)).toBeLessThan(1.5);
  });
});

describe('the stand-in for a hob', () => {
  it('obeys late and in steps, and says so; a hand at its knob is quicker and changes the fire', async () => {
    const onTurned = jest.fn();
    const { nowMs, pass } = bench();
    const hob = standInHob(onTurned, { nowMs });
    const reports: HobReport[] = [];
    hob.listen((report) => reports.push(report));
    hob.set(0.63);
    await pass(1_000);
    expect(reports.at(-1)!.share).toBe(0);
    await pass(2_000);
    expect(reports.at(-1)!.share).toBeCloseTo(0.65);
    expect(onTurned).not.toHaveBeenCalled();
    hob.turn(0);
    await pass(1_000);
    expect(reports.at(-1)!.share).toBe(0);
    expect(onTurned).toHaveBeenCalledWith(0);
  });
});

describe('a device that one reads at a time', () => {
  const reader = (id: string) => ({ id, onReading: jest.fn(), onTaken: jest.fn() });
  const ownedOne = () => {
    const listeners = new Set<(reading: number) => void>();
    const owned = oneOwner<number>({
      listen(onReading) {
        listeners.add(onReading);
        return () => listeners.delete(onReading);
      },
    });
    return { owned, reads: (value: number) => listeners.forEach((tell) => tell(value)), count: () => listeners.size };
  };

  it('is not given to another, but by force; then the first is told', () => {
    const { owned, reads, count } = ownedOne();
    const [one, two] = [reader('one'), reader('two')];
    owned.take(one);
    expect(owned.take(two)).toBeUndefined();
    reads(1);
    expect([one.onReading.mock.calls.length, two.onReading.mock.calls.length]).toEqual([1, 0]);
    owned.take(two, true);
    reads(2);
    expect([one.onReading.mock.calls.length, two.onReading.mock.calls.length]).toEqual([1, 1]);
    expect(one.onTaken).toHaveBeenCalledTimes(1);
    expect(count()).toBe(1);
  });

  it('is free again when it was given back, and its own tab may come back to it after a break', () => {
    const { owned, count } = ownedOne();
    const giveBack = owned.take(reader('one'))!;
    const again = owned.take(reader('one'))!;
    expect(count()).toBe(1);
    // The broken stream ends after the new one was opened: that gives nothing back.
    giveBack();
    expect(owned.take(reader('two'))).toBeUndefined();
    again();
    expect(count()).toBe(0);
    expect(owned.take(reader('two'))).toBeDefined();
  });
});
