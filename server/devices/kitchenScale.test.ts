import type { ScaleReading } from '@elixa/contract';
import { steadyNoise } from './device';
import { standInScale } from './kitchenScale';

beforeAll(() => jest.useFakeTimers());
afterAll(() => jest.useRealTimers());

/** A scale on a clock that is moved by hand, and what it has said. */
function scaleOnABench() {
  let nowMs = 0;
  const scale = standInScale({ nowMs: () => nowMs, noise: steadyNoise(7) });
  const readings: ScaleReading[] = [];
  const stop = scale.listen((reading) => readings.push(reading));
  const wait = (ms: number) => {
    for (let passed = 0; passed < ms; passed += 200) {
      nowMs += 200;
      jest.advanceTimersByTime(200);
    }
  };
  return { scale, readings, wait, stop, last: () => readings[readings.length - 1]! };
}

describe('the stand-in for a kitchen scale', () => {
  it('settles on what was poured, unstable first and then at rest', () => {
    const { scale, wait, last } = scaleOnABench();
    wait(2000);
    scale.pour(120);
    wait(400);
    expect(last().stable).toBe(false);
    expect(last().massG).toBeLessThan(115);
    wait(4000);
    expect(last().stable).toBe(true);
    expect(Math.abs(last().massG - 120)).toBeLessThanOrEqual(1.5);
  });

  it('shows nothing as nothing, however long it was off or stood empty', () => {
    let nowMs = 0;
    const scale = standInScale({ nowMs: () => nowMs, noise: steadyNoise(3) });
    nowMs = 3 * 3_600_000;
    const readings: ScaleReading[] = [];
    const stop = scale.listen((reading) => readings.push(reading));
    for (let passed = 0; passed < 600_000; passed += 200) {
      nowMs += 200;
      jest.advanceTimersByTime(200);
    }
    stop();
    expect(Math.max(...readings.map((one) => Math.abs(one.massG)))).toBeLessThanOrEqual(0.5);
  });

  it('counts from nothing after a tare', () => {
    const { scale, wait, last } = scaleOnABench();
    scale.pour(350);
    wait(4000);
    scale.tare();
    scale.pour(25);
    wait(4000);
    expect(Math.abs(last().massG - 25)).toBeLessThanOrEqual(1.5);
  });

  it('trembles and creeps, as real ones do', () => {
    const { scale, wait, readings } = scaleOnABench();
    scale.pour(100);
    wait(5000);
    const early = readings.slice(-10).map((one) => one.massG);
    expect(new Set(early).size).toBeGreaterThan(1);
    wait(600_000);
    const late = readings.slice(-10).map((one) => one.massG);
    const mean = (list: number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
    expect(mean(late) - mean(early)).toBeGreaterThan(2);
  });

  it('is silent when nobody listens', () => {
    const { readings, wait, stop } = scaleOnABench();
    wait(1000);
    stop();
    const before = readings.length;
    wait(1000);
    expect(readings.length).toBe(before);
  });
});
