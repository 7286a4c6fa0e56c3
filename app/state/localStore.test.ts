import type * as LocalStore from './localStore';

const mockStore = { get: jest.fn(), set: jest.fn(), del: jest.fn(), entries: jest.fn() };
jest.mock('idb-keyval', () => mockStore);

type Module = typeof LocalStore;
const fresh = (): Module => {
  let loaded: Module | undefined;
  jest.isolateModules(() => {
    loaded = jest.requireActual<Module>('./localStore');
  });
  return loaded!;
};

describe('a device that keeps nothing', () => {
  beforeEach(() => jest.spyOn(console, 'warn').mockImplementation(() => undefined));
  afterEach(() => jest.restoreAllMocks());

  it.each([
    ['is blocked', () => Promise.reject(new Error('blocked'))],
    ['is full', () => Promise.reject(new DOMException('full', 'QuotaExceededError'))],
  ])('%s: nothing fails, and it is told once', async (_, answer) => {
    mockStore.get.mockImplementation(answer);
    mockStore.set.mockImplementation(answer);
    mockStore.entries.mockImplementation(answer);
    const { localStore, onKeeping } = fresh();
    const told = jest.fn();
    onKeeping(told);
    expect(await localStore.read('draft:a')).toBeUndefined();
    await expect(localStore.write('draft:a', 1)).resolves.toBeUndefined();
    expect(await localStore.all('draft:')).toEqual([]);
    expect(told.mock.calls).toEqual([[false]]);
    mockStore.set.mockImplementation(async () => undefined);
    await localStore.write('draft:a', 1);
    expect(told).toHaveBeenLastCalledWith(true);
  });

  it('sleeps in the middle of a writing: what was written counts, however late', async () => {
    jest.useFakeTimers();
    let done: () => void = () => undefined;
    mockStore.set.mockImplementation(() => new Promise<void>((resolve) => (done = resolve)));
    const { localStore, onKeeping } = fresh();
    const told = jest.fn();
    onKeeping(told);
    const written = localStore.write('live:a', 1);
    await jest.advanceTimersByTimeAsync(600_000);
    done();
    await written;
    expect(told).not.toHaveBeenCalled();
    jest.useRealTimers();
  });

  it('never answers: reading is given up after a while, and what comes later is still there', async () => {
    jest.useFakeTimers();
    let answer: (rows: Array<[string, number]>) => void = () => undefined;
    mockStore.entries.mockImplementation(() => new Promise((resolve) => (answer = resolve)));
    const { localStore, inTime, onKeeping } = fresh();
    const told = jest.fn();
    onKeeping(told);
    const reading = localStore.all('draft:');
    const found = inTime(reading, []);
    await jest.advanceTimersByTimeAsync(3500);
    expect(await found).toEqual([]);
    answer([['draft:a', 1]]);
    expect(await reading).toEqual([['a', 1]]);
    expect(told.mock.calls).toEqual([[false], [true]]);
    jest.useRealTimers();
  });
});

it('a store is not given up because the page was too busy to hear it', async () => {
  const { inTime } = fresh();
  const found = inTime(new Promise((resolve) => setTimeout(() => resolve('kept'), 60)), 'nothing', {
    turns: 5,
    turnMs: 10,
  });
  const until = performance.now() + 100;
  while (performance.now() < until);
  expect(await found).toBe('kept');
});
