import type { Evening } from '@elixa/contract';
import { planPot, VESSELS } from '@elixa/core';
import { render, screen, userEvent } from '@testing-library/react-native';
import { practice } from '@/testing/household';
import { MendSheet } from './MendSheet';

async function show(evening: Evening, foodMl = 0) {
  const onDone = jest.fn();
  const plan = planPot(evening);
  await render(<MendSheet evening={evening} plan={plan} foodMl={foodMl} open onClose={jest.fn()} onDone={onDone} />);
  return { onDone, plan };
}

describe('a pot that does not taste right', () => {
  it('is let down with water when it is salty, and the note says so', async () => {
    const { onDone } = await show(practice());
    expect(screen.getByText(/^Pour in \d+ ml of hot water$/)).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'Done' }));
    expect(onDone).toHaveBeenCalledWith(expect.stringMatching(/^Too salty: .*pour in \d+ ml of hot water\.$/), [
      { is: 'saw', saw: { is: 'tasted', says: 'strong' } },
      { is: 'poured', liquid: 'water', ml: expect.any(Number), isHot: true },
    ]);
  });

  it('takes more water the higher it stands', async () => {
    await show(practice());
    const millilitres = () => Number(/(\d+) ml/.exec(String(screen.getByText(/^Pour in/).props.children))?.[1]);
    const before = millilitres();
    for (let press = 0; press < 8; press += 1) await userEvent.press(screen.getByRole('button', { name: 'Lower' }));
    expect(millilitres()).toBeLessThan(before);
  });

  it('is strengthened from the reserve first when it is weak', async () => {
    const { plan } = await show(practice(), 800);
    expect(plan.build.reserveMl).toBeGreaterThan(200);
    await userEvent.press(screen.getByRole('radio', { name: 'Too weak' }));
    expect(screen.queryByText(/of the broth kept back$/)).toBeNull();
    // There is no room for it before the pot has come down.
    for (let press = 0; press < 5; press += 1) await userEvent.press(screen.getByRole('button', { name: 'Lower' }));
    expect(screen.getByText(/of the broth kept back$/)).toBeTruthy();
  });

  it('is let down or rounded off when it is sour', async () => {
    await show(practice());
    await userEvent.press(screen.getByRole('radio', { name: 'Too sour' }));
    expect(screen.getByText(/of hot water$/)).toBeTruthy();
    expect(screen.getByText(/^Or only round it off: .* of sugar$/)).toBeTruthy();
  });

  it('asks which half of a divided pot', async () => {
    const evening = practice({ vessel: VESSELS.find((one) => one.divided)! });
    await show({
      ...evening,
      choices: { ...evening.choices, liquids: { broth: 'numbingBroth', otherHalf: 'mildBoneBroth' } },
    });
    expect(screen.getByRole('radio', { name: 'Numbing-hot oil broth' })).toBeTruthy();
    await userEvent.press(screen.getByRole('radio', { name: 'Mild bone broth' }));
    expect(screen.getByRole('radio', { name: 'Mild bone broth' })).toBeChecked();
  });
});
