import type { Evening } from '@elixa/contract';
import { CATALOGUE, type PlanningQuestion, type PotPreview } from '@elixa/core';
import { screen, userEvent } from '@testing-library/react-native';
import { api } from '@/state/api';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { ChooseScreen } from './ChooseScreen';
import { houseVerdict } from './potWords';

const BEST = 'mushroomPot';

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));
// Drawings have tests of their own.
jest.mock('@/ui/pot/PotFromAbove', () => ({ PotFromAbove: () => null }));
// The browser's own input stands for itself; here it is the one of the interface library.
jest.mock('@/ui/Field', () => jest.requireActual<object>('@/testing/field'));
jest.mock('@/state/usePantry', () => ({
  ...jest.requireActual<object>('@/state/usePantry'),
  useStocked: (evening: Evening) => mockStocked(evening),
}));
jest.mock('@/workers/planner', () => ({
  askPlanner: (_key: string, { previews }: PlanningQuestion, listener: { found(found: object): void }) =>
    previews?.forEach((styleId) => listener.found({ kind: 'preview', preview: mockPreview(styleId) })),
  stopPlanner: () => undefined,
}));

// Nobody answers here.
jest.spyOn(api, 'useReadPotsQuery').mockReturnValue({ refetch: jest.fn() } as never);

let mockPantry: Evening['pantry'];
const stocked = new Map<Evening, Evening>();
function mockStocked(evening: Evening): Evening {
  const known = stocked.get(evening) ?? { ...evening, pantry: mockPantry };
  stocked.set(evening, known);
  return known;
}
let mockInstead: NonNullable<PotPreview['fromTheHouse']>['instead'] = [];

function mockPreview(styleId: string): PotPreview {
  const score = styleId === BEST ? 0.9 : 0.1;
  return {
    styleId,
    suits: { verdict: 'suits', because: [] },
    vessel: practice().vessel,
    build: { placements: [] },
    notFor: [],
    fromTheHouse: { have: 9, of: 10, missing: ['firm tofu'], usesUp: [], instead: mockInstead, score },
  };
}

const names = () =>
  screen.getAllByRole('radio').map((one) => String(one.props.accessibilityLabel ?? one.props['aria-label']));

describe('choosing a pot', () => {
  beforeEach(() => {
    stocked.clear();
    mockInstead = [];
    mockPantry = [{ itemId: 'kelp', massG: 50, changedAt: '2026-11-24T10:00:00.000Z' }];
  });

  it('begins with the one that is chosen, and finds others by what is in them', async () => {
    await inEvening(practice(), <ChooseScreen />);
    expect(names()[0]).toMatch(/^Clear chicken pot/);
    await userEvent.type(screen.getByLabelText(/^Find one/), 'duck');
    expect(names()).toHaveLength(1);
    expect(screen.getByText('1 pot')).toBeTruthy();
    await userEvent.type(screen.getByLabelText(/^Find one/), ' pineapple');
    expect(screen.getByText(/^No pot has that in it/)).toBeTruthy();
    // The way on is there all the same.
    expect(screen.getByRole('button', { name: 'Go on: who eats' })).toBeTruthy();
  });

  it('goes by what the house has, with what would have to be bought', async () => {
    await inEvening(practice(), <ChooseScreen />);
    expect(screen.queryByText(/are in the house/)).toBeNull();
    await userEvent.press(screen.getByRole('checkbox', { name: 'What the house has first' }));
    expect(names()[0]).toMatch(/^Mushroom pot/);
    expect(screen.getAllByText('9 of 10 things are in the house; to buy: firm tofu.').length).toBeGreaterThan(1);
  });

  it('opens a pot with what the house has instead, where the cook goes by that', async () => {
    mockInstead = [{ ingredientId: 'enoki', withIngredientId: 'shimeji' }];
    const { last } = await inEvening(practice(), <ChooseScreen />);
    await userEvent.press(screen.getByRole('checkbox', { name: 'What the house has first' }));
    await userEvent.press(screen.getByRole('radio', { name: /^Satay pot/ }));
    expect(last()!.choices.swaps).toEqual([{ ingredientId: 'enoki', withIngredientId: 'shimeji', scope: 'everyone' }]);
  });

  it('does not ask for the house where nothing is counted', async () => {
    mockPantry = undefined;
    await inEvening(practice(), <ChooseScreen />);
    expect(screen.queryByRole('checkbox', { name: 'What the house has first' })).toBeNull();
  });

  it('is changed by a tap', async () => {
    const { last } = await inEvening(practice(), <ChooseScreen />);
    await userEvent.press(screen.getByRole('radio', { name: /^Satay pot/ }));
    expect(last()!.style.id).toBe('satayPot');
  });
});

describe('what the house would carry, in words', () => {
  const says = (more: Partial<NonNullable<PotPreview['fromTheHouse']>>) =>
    houseVerdict(
      {
        ...mockPreview('clearChicken'),
        fromTheHouse: { have: 2, of: 9, missing: [], usesUp: [], instead: [], score: 0, ...more },
      },
      CATALOGUE,
    );

  it('says when nothing is missing', () => {
    expect(says({})).toEqual({ tone: 'good', says: 'Everything for it is in the house.' });
  });

  it('names what stands in for what the house lacks', () => {
    const instead = [{ ingredientId: 'chickenThigh', withIngredientId: 'duckBreast' }];
    expect(says({ instead, missing: ['kelp'] })?.says).toMatch(/^With duck breast instead of chicken thigh\. 2 of 9/);
  });

  it('names what is used up first, and no more than four of each', () => {
    const missing = ['a', 'b', 'c', 'd', 'e', 'f'];
    expect(says({ missing, usesUp: ['spinach', 'firm tofu'] })).toEqual({
      tone: 'good',
      says: 'Uses up the spinach and firm tofu. 2 of 9 things are in the house; to buy: a, b, c, d and 2 more.',
    });
  });
});
