import { shiftIso } from './shiftIso';

describe('a moment moved', () => {
  it('keeps the offset of its kitchen', () => {
    expect(shiftIso('2026-11-24T19:30:00+01:00', -90)).toBe('2026-11-24T19:28:30+01:00');
    expect(shiftIso('2026-11-24T00:10:00-05:30', -1200)).toBe('2026-11-23T23:50:00-05:30');
  });

  it('reads Z as no offset', () => {
    expect(shiftIso('2026-11-24T19:30:00Z', 60)).toBe('2026-11-24T19:31:00+00:00');
  });
});
