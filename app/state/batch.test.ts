import { batchOf } from './batch';

const sized = (bytes: number) => 'x'.repeat(bytes - 2);
const taken = (sizes: number[], more = {}) => batchOf(sizes.map(sized), { most: 100, mostBytes: 1000, ...more }).length;

describe('what goes in one request', () => {
  it('is no more than a request carries, in bytes', () => {
    expect(taken([400, 400, 200, 2])).toBe(3);
    expect(taken([400, 400, 201, 2])).toBe(2);
    // Letters of other scripts take more than one.
    expect(batchOf(['ü'.repeat(490), 'ü'.repeat(100)], { most: 100, mostBytes: 1000 })).toHaveLength(1);
  });

  it('is one at least, however large, and no more than so many', () => {
    expect(taken([5000, 10])).toBe(1);
    expect(taken([3, 3, 3, 3], { most: 2 })).toBe(2);
    expect(taken([])).toBe(0);
  });
});
