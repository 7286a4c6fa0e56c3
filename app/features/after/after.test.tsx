import type { LiveEvent, LiveNews, PantryItem } from '@elixa/contract';
import { applyEdit, foldLive, planPot, showWeight } from '@elixa/core';
import { screen, userEvent } from '@testing-library/react-native';
import { useState } from 'react';
import { usePantry } from '@/state/usePantry';
import { Button } from '@/ui/Button';
import { Small } from '@/ui/Text';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { fireFound } from './AfterScreen';
import { OutOfThePantry } from './OutOfThePantry';
import { OwnTimes } from './OwnTimes';

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));

const evening = practice();

/** The section, a way to fill the pantry, and what it holds. */
function Kitchen() {
  const { items, count } = usePantry();
  const [events, setEvents] = useState<LiveEvent[]>([]);
  const record = (news: LiveNews) => {
    const id = crypto.randomUUID();
    const said = { v: 3, id, at: evening.sitDownAt, device: 'this-phone', clock: events.length + 1 };
    setEvents([...events, { ...news, ...said } as LiveEvent]);
    return id;
  };
  const stock: PantryItem[] = [...items];
  return (
    <>
      <Button
        label="Fill it"
        onPress={() =>
          count([
            { itemId: 'kelp', massG: 500 },
            { itemId: 'satayPaste', massG: 3 },
          ])
        }
      />
      <OutOfThePantry
        plan={planPot({ ...evening, pantry: stock })}
        evening={evening}
        log={{
          events,
          state: foldLive({ plans: {}, events }),
          unsent: 0,
          record,
          adopt: record as never,
          adoptAgain: () => undefined,
        }}
      />
      {stock.map((item) => (
        <Small key={item.itemId}>{`${item.itemId}: ${item.massG}`}</Small>
      ))}
    </>
  );
}

describe('after the evening', () => {
  it('what was eaten comes out of the pantry once, with what is left told before', async () => {
    await inEvening(evening, <Kitchen />);
    expect(screen.queryByText('Pantry')).toBeNull();
    await userEvent.press(screen.getByRole('button', { name: 'Fill it' }));
    expect(screen.getByText('The evening used 1 thing that the pantry counts.')).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'Show them' }));
    const needG = planPot(evening).shopping.find((item) => item.ingredientId === 'kelp')!.needG;
    const leftG = Math.round(500 - needG);
    expect(screen.getByText(`${showWeight(leftG, 'metric')} left`)).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'Take them out of the pantry' }));
    expect(screen.getByText('What was eaten has been taken out of the pantry.')).toBeTruthy();
    expect(screen.getByText(`kelp: ${leftG}`)).toBeTruthy();
    expect(screen.getByText('satayPaste: 3')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Take them out of the pantry' })).toBeNull();
  });

  it('what a thing of the cook’s own took is learnt, and taken back with the answer', async () => {
    const cooked = applyEdit(evening, { kind: 'ownMade', thing: { name: 'ours', likeId: 'oysterMushroom' } });
    const { last } = await inEvening(cooked, <OwnTimes cooked={cooked} plan={planPot(cooked)} />);
    await userEvent.press(screen.getByRole('radio', { name: 'Too hard' }));
    expect(last()!.own![0]).toMatchObject({ name: 'ours', timesLonger: 1.3 });
    expect(last()!.choices.added).toEqual([last()!.own![0]!.id]);
    expect(screen.getByText(/^Next time .* instead of /)).toBeTruthy();
    await userEvent.press(screen.getByRole('radio', { name: 'Just right' }));
    expect(last()!.own![0]!.timesLonger).toBeUndefined();
    await userEvent.press(screen.getByRole('radio', { name: 'Too soft' }));
    expect(last()!.own![0]!.timesLonger).toBe(0.75);
  });
});

describe('what the evening found of its fire', () => {
  const found = (useful: number, variance: number) => [
    {
      potId: 'main',
      figures: { useful, loss: 1, steam: 1, poured: 1 },
      covariance: [0, 1, 2, 3].map((row) => [0, 1, 2, 3].map((column) => (row === column ? variance : 0))),
    },
  ];

  it('is told with how well it is known, and not at all where that is hardly', () => {
    expect(fireFound({ kitchens: found(0.82, 0.0064) })).toEqual([
      { value: '82 %', says: 'of the usual fire, give or take 7' },
    ]);
    expect(fireFound({ kitchens: found(0.82, 0.04) })).toEqual([]);
    expect(fireFound({})).toEqual([]);
  });
});
