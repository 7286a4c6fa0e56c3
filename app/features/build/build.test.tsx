import type { PotPlan } from '@elixa/contract';
import { buildSteps, laidOf, planPot, relaid, resolveMenu, CATALOGUE } from '@elixa/core';
import { render, screen, userEvent } from '@testing-library/react-native';
import { practice } from '@/testing/household';
import { BunchPanel } from './BunchPanel';
import { bunchesIn, bunchName } from './placeWords';
import { Plates } from './Plates';
import { RulerTool } from './RulerTool';
import { plainColour } from './savePicture';
import { StepsView } from './StepsView';
import type { Laying } from './useLaying';

jest.mock('@/ui/Field', () => jest.requireActual<object>('@/testing/field'));
// A picture has tests and journeys of its own.
jest.mock('@/features/photo/PhotoPlace', () => ({ PhotoPlace: () => null }));
jest.mock('@/ui/pot/PieceSwatch', () => ({ PieceSwatch: () => null }));
jest.mock('@/ui/pot/PotFromAbove', () => ({ PotFromAbove: () => null }));

const press = (name: RegExp | string) => userEvent.press(screen.getByRole('button', { name }));
const evening = practice();
const plan: PotPlan = planPot(evening);

/** A pot that is laid as it is told, without a worker. */
function laying(): Laying & { kept(): Laying['laid'] | undefined } {
  let kept: Laying['laid'] | undefined;
  return {
    build: plan.build,
    laid: laidOf(plan.build.placements),
    isByHand: false,
    show: () => undefined,
    keep: (laid) => {
      kept = laid;
    },
    kept: () => kept,
  };
}

describe('a bunch of the pot', () => {
  const show = async (id: string) => {
    const mine = laying();
    await render(<BunchPanel id={id} laying={mine} units="metric" onClose={() => undefined} />);
    return mine;
  };

  it('says how much it is and why it lies there', async () => {
    await show('carrot');
    const carrot = plan.build.placements.find((one) => one.id === 'carrot')!;
    expect(screen.getByText(new RegExp(`^${carrot.pieces} pieces, `))).toBeTruthy();
    expect(screen.getByText(carrot.because)).toBeTruthy();
  });

  it('is moved by plain buttons: a place on, elsewhere, in another’s place, locked', async () => {
    const mine = await show('carrot');
    const now = laidOf(plan.build.placements).find((one) => one.id === 'carrot')!;
    await press('One place on');
    expect(mine.kept()!.find((one) => one.id === 'carrot')!.atDeg).not.toBe(now.atDeg);
    await press('Into the middle');
    expect(mine.kept()!.find((one) => one.id === 'carrot')!.place).toBe('heart');
    await press('Lock it here');
    expect(mine.kept()!.find((one) => one.id === 'carrot')!.locked).toBe(true);
    await press('Exchange it with…');
    await press('Tofu');
    const tofu = laidOf(plan.build.placements).find((one) => one.id === 'firmTofu')!;
    expect(mine.kept()!.find((one) => one.id === 'carrot')!.atDeg).toBe(tofu.atDeg);
  });

  it('is called by all of its cuts', () => {
    expect(bunchName(CATALOGUE, bunchesIn(plan.build.placements).get('napaCabbage')!)).toBe(
      'Cabbage stems and cabbage leaves',
    );
  });
});

describe('the pot in steps', () => {
  it('is led through to the end, each thing once, and the liquid to the millilitre', async () => {
    const done = jest.fn();
    await render(<StepsView evening={evening} build={plan.build} simmer={plan.simmer} sauces={{}} onDone={done} />);
    const steps = buildSteps(plan);
    const seen: string[] = [];
    for (let at = 0; at < steps.length; at += 1) {
      seen.push(String(screen.getAllByRole('heading')[0]!.props.children));
      await press(at === steps.length - 1 ? 'It is built' : 'Next');
    }
    expect(done).toHaveBeenCalledTimes(1);
    expect(seen).toHaveLength(steps.length);
    expect(seen.filter((one) => /^Pour \d+ ml$|^Pour [\d.]+ l$/.test(one))).toHaveLength(1);
    expect(seen).toContain('Carrot');
  });
});

describe('what waits for its round', () => {
  it('is shown plate by plate', async () => {
    await render(<Plates build={plan.build} units="metric" />);
    const pieces = (round: number) =>
      plan.build.plates[round - 1]!.find((one) => one.ingredientId === 'chickenThigh')!.pieces;
    expect(screen.getByText(new RegExp(`^${pieces(1)} pieces`))).toBeTruthy();
    await userEvent.press(screen.getByRole('radio', { name: 'Round 2' }));
    expect(screen.getByText('It waits, covered and cold, until its turn.')).toBeTruthy();
  });
});

describe('a ruler in the pot', () => {
  it('turns depth into millilitres and back, and says what it cannot read', async () => {
    await render(<RulerTool vessel={evening.vessel} units="metric" foodMl={0} />);
    const type = (label: RegExp, text: string) => userEvent.type(screen.getByLabelText(label), text);
    await type(/ruler/, '72');
    expect(screen.getByText('2.6 l of liquid alone')).toBeTruthy();
    await type(/jug/, '2600');
    expect(screen.getByText('72 mm deep alone')).toBeTruthy();
    await userEvent.clear(screen.getByLabelText(/ruler/));
    await type(/ruler/, '900');
    expect(screen.getByText('Write how deep it is, up to 72 mm.')).toBeTruthy();
  });
});

it('a hand moves nothing but where things lie', () => {
  const { menu } = resolveMenu(evening);
  const turned = relaid(menu!, plan.build, laidOf(plan.build.placements));
  const { placements: before, warnings: told, ...rest } = plan.build;
  const { placements: after, warnings, ...same } = turned;
  expect(same).toEqual(rest);
  expect(warnings).toEqual(told);
  const massOf = (all: typeof after) => new Map(all.map((one) => [`${one.id} ${one.cut}`, one.massG]));
  expect(massOf(after)).toEqual(massOf(before));
});

it('writes colours as every program reads them', () => {
  expect(plainColour('color(srgb 1 0.5 0)')).toBe('#ff8000');
  expect(plainColour('rgb(217, 196, 143)')).toBe('#d9c48f');
  expect(plainColour('none')).toBe('none');
});
