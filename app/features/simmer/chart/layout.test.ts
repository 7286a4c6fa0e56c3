import { INGREDIENTS, shortName } from '@elixa/core';
import { inLines } from './layout';

describe('names beside the bars', () => {
  it('stand in one line where that is long enough, else in two, parted where both are shortest', () => {
    expect(inLines('tofu', 14)).toEqual(['tofu']);
    expect(inLines('buckwheat dumplings', 14)).toEqual(['buckwheat', 'dumplings']);
    expect(inLines('fried tofu strips', 14)).toEqual(['fried tofu', 'strips']);
    expect(inLines('extraordinarily', 10)).toEqual(['extraordi…']);
  });

  it('are whole for everything that there is, on a phone', () => {
    const names = INGREDIENTS.flatMap((what) => Object.keys(what.cuts).map((cut) => shortName(what, cut)));
    expect([...new Set(names)].filter((name) => inLines(name, 14).some((line) => line.includes('…')))).toEqual([]);
  });
});
