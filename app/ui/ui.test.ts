import { countdown, fromFields, lasting, toDateField, toTimeField } from './time';

describe('times in words', () => {
  it('count down in minutes and seconds, and in hours from an hour on', () => {
    expect([125, 59.2, 0, -61, 4320].map(countdown)).toEqual(['2:05', '1:00', '0:00', '1:01', '1 h 12']);
  });

  it('last as long as they last', () => {
    expect([40, 60, 185, 3600, 4800, -90].map(lasting)).toEqual([
      '40 s',
      '1 min',
      '3 min',
      '1 h',
      '1 h 20 min',
      '2 min',
    ]);
  });

  it('go through the date and time fields and come back as the same moment', () => {
    const iso = '2026-11-24T19:30:00+00:00';
    expect(Date.parse(fromFields(toDateField(iso), toTimeField(iso))!)).toBe(Date.parse(iso));
    expect(fromFields('', '19:30')).toBeUndefined();
  });
});
