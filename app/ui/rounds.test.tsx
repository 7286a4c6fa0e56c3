import { render, screen, userEvent } from '@testing-library/react-native';
import { useState } from 'react';
import { RoundChoice } from './RoundChoice';

function Shown({ count }: { count: number }) {
  const [value, setValue] = useState('1');
  const options = Array.from({ length: count }, (_, at) => ({ value: String(at + 1), label: `Round ${at + 1}` }));
  return <RoundChoice options={options} value={value} onChange={setValue} />;
}
const press = (name: string) => userEvent.press(screen.getByRole('button', { name }));

describe('rounds to choose from', () => {
  it('stand side by side where they are few', async () => {
    await render(<Shown count={5} />);
    expect(screen.getAllByRole('radio')).toHaveLength(5);
  });

  it('come one after another where they are many, and end at either end', async () => {
    await render(<Shown count={6} />);
    expect(screen.queryAllByRole('radio')).toEqual([]);
    await press('The round before');
    expect(screen.getByText('1 of 6')).toBeTruthy();
    for (let time = 0; time < 7; time += 1) await press('The next round');
    expect(screen.getByText('6 of 6')).toBeTruthy();
    await press('The round before');
    expect(screen.getByText('Round 5')).toBeTruthy();
  });
});
