import { compareClocks, followHouse, nowIso, nowMs, runClock } from './clock';

const off = () => Math.round((nowMs() - Date.now()) / 1000);
const asked = Date.parse('2026-11-24T19:00:00Z');
const compare = (date: string | null) => compareClocks(date, asked, asked + 200);

describe('the clock of a device against the server', () => {
  afterEach(() => compare('Tue, 24 Nov 2026 19:00:00 GMT'));

  it('is set right by an hour, and by a day', () => {
    compare('Tue, 24 Nov 2026 20:00:00 GMT');
    expect(off()).toBe(3600);
    compare('Mon, 23 Nov 2026 19:00:00 GMT');
    expect(off()).toBe(-86_400);
  });

  it('is left alone for the time of an answer, for a clock set to another day, and where no date came', () => {
    compare('Tue, 24 Nov 2026 19:00:01 GMT');
    expect(off()).toBe(0);
    compare('Sun, 29 Nov 2026 19:00:00 GMT');
    expect(off()).toBe(0);
    compare('Tue, 24 Nov 2026 20:00:00 GMT');
    compare(null);
    expect(off()).toBe(3600);
  });
});

describe('the one clock', () => {
  beforeEach(() => jest.useFakeTimers({ now: asked }));
  afterEach(() => {
    followHouse();
    jest.useRealTimers();
  });

  it('runs as fast as it is told, from where it is told, and by the house again', () => {
    runClock(60);
    jest.advanceTimersByTime(1000);
    expect(nowMs() - asked).toBe(60_000);
    runClock(0, Date.parse('2026-12-01T18:00:00Z'));
    jest.advanceTimersByTime(5000);
    expect(nowIso()).toBe('2026-12-01T18:00:00.000Z');
    followHouse();
    expect(nowMs() - asked).toBe(6000);
  });

  it('goes on from where it was when its rate changes', () => {
    runClock(10);
    jest.advanceTimersByTime(1000);
    runClock(2);
    jest.advanceTimersByTime(1000);
    expect(nowMs() - asked).toBe(12_000);
  });
});
