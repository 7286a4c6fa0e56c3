import type { PantryItem } from '@elixa/contract';
import { itemsCounted, pantryArrived, pantryFound, pantryReducer } from './pantry';

const kelp = (massG: number, minute: number): PantryItem => ({
  itemId: 'kelp',
  massG,
  changedAt: `2026-11-24T10:0${minute}:00Z`,
});
const START = { items: [], unsent: [] };

describe('the pantry on this device', () => {
  it('waits to send what was counted until the server has it', () => {
    const counted = pantryReducer(START, itemsCounted([kelp(50, 1)]));
    expect(counted).toEqual({ items: [kelp(50, 1)], unsent: ['kelp'] });
    expect(pantryReducer(counted, pantryArrived({ items: [kelp(50, 1)], sent: [kelp(50, 1)] })).unsent).toEqual([]);
  });

  it('sends again what was counted again while the first count was on its way', () => {
    const first = pantryReducer(START, itemsCounted([kelp(50, 1)]));
    const second = pantryReducer(first, itemsCounted([kelp(20, 2)]));
    const answered = pantryReducer(second, pantryArrived({ items: [kelp(50, 1)], sent: [kelp(50, 1)] }));
    expect(answered).toEqual({ items: [kelp(20, 2)], unsent: ['kelp'] });
  });

  it('takes the later count from another device, and forgets nothing that an earlier visit left', () => {
    const here = pantryReducer(START, itemsCounted([kelp(50, 1)]));
    expect(pantryReducer(here, pantryArrived({ items: [kelp(5, 3)] })).items).toEqual([kelp(5, 3)]);
    expect(pantryReducer(here, pantryFound({ items: [kelp(9, 0)], unsent: ['salt'] }))).toEqual({
      items: [kelp(50, 1)],
      unsent: ['salt', 'kelp'],
    });
  });
});
