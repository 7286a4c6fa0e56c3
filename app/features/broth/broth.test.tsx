import type { Evening, Liquid } from '@elixa/contract';
import { planPot, showVolume } from '@elixa/core';
import { screen, userEvent } from '@testing-library/react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { inEvening } from '@/testing/inEvening';
import { practice } from '@/testing/household';
import { Conflicts } from '../who/Conflicts';
import { BatchSection } from './BatchSection';
import { ChooseLiquids } from './ChooseLiquids';
import { keepsWords, tabName, tasteWord } from './liquidWords';
import { JarSection } from './JarSection';
import { LeftOut } from './LeftOut';
import { MeasureRow } from './MeasureRow';
import { RatioSection } from './RatioSection';
import { TasteSection } from './TasteSection';

const choosing = (choices: Partial<Evening['choices']>): Evening => {
  const evening = practice();
  return { ...evening, choices: { swaps: [], leaveOut: [], ...choices } };
};

/** A part of the page for the liquid that the plan has now. */
function OfLiquid({ id, show }: { id: string; show(liquid: Liquid): React.ReactNode }) {
  const liquid = useEvening().plan?.liquids.find((one) => one.id === id);
  return <>{liquid ? show(liquid) : null}</>;
}

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => undefined, remove: async () => undefined },
}));

// The browser's own input stands for itself; here it is that of the interface library.
jest.mock('@/ui/Field', () => jest.requireActual<object>('@/testing/field'));

describe('what is offered', () => {
  const offered = (name: string) => screen.queryByText(name) !== null;

  it('needs no food that the pot does not have, unless it is chosen already', async () => {
    await inEvening(choosing({}), <ChooseLiquids open onClose={() => undefined} />);
    expect(offered('Chicken broth')).toBe(true);
    expect(offered('Pork poaching broth')).toBe(false);
    expect(offered('Salted poultry')).toBe(true);
    expect(offered('Sweet soy marinade for beef')).toBe(false);
  });

  it('stays on the list where it is chosen', async () => {
    const porky = choosing({ liquids: { broth: 'poachedPork' } });
    await inEvening(porky, <ChooseLiquids open onClose={() => undefined} />);
    expect(offered('Pork poaching broth')).toBe(true);
  });
});

describe('what to measure', () => {
  const row = (ingredientId: string) => (
    <OfLiquid
      id="clearDashi"
      show={(liquid) => {
        const part =
          liquid.ingredients.find((one) => one.ingredientId === ingredientId) ??
          liquid.ingredients.find((one) => liquid.swaps.some((swap) => swap.withIngredientId === one.ingredientId));
        return (
          <>
            {part ? <MeasureRow liquid={liquid} part={part} /> : null}
            <LeftOut liquid={liquid} />
          </>
        );
      }}
    />
  );

  it('is swapped when there is none of it, and swapped back', async () => {
    const { last } = await inEvening(choosing({}), row('mirin'));
    await userEvent.press(screen.getByRole('button', { name: /^mirin, .*What if there is none/ }));
    await userEvent.press(screen.getByRole('button', { name: /^Sugar/ }));
    expect(last()!.choices.swaps).toContainEqual({
      ingredientId: 'mirin',
      withIngredientId: 'sugar',
      scope: 'everyone',
    });
    expect(screen.getByText('instead of mirin')).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: /^white sugar,/ }));
    await userEvent.press(screen.getByRole('button', { name: 'Back to mirin' }));
    expect(last()!.choices.swaps).toEqual([]);
  });

  it('is left out, put back, and the rest of the choices stay', async () => {
    const liquids = { broth: 'clearDashi', sauces: ['sesameDip'] };
    const { last } = await inEvening(choosing({ liquids }), row('sake'));
    await userEvent.press(screen.getByRole('button', { name: /^cooking sake/ }));
    await userEvent.press(screen.getByRole('button', { name: /^Leave out/ }));
    expect(last()!.choices).toMatchObject({ leaveOut: ['sake'], liquids });
    await userEvent.press(screen.getByRole('button', { name: 'Put cooking sake, unsalted back' }));
    expect(last()!.choices).toMatchObject({ leaveOut: [], liquids });
  });
});

describe('what not everybody eats', () => {
  it('is settled without forgetting the broth, the batches and the taste that were chosen', async () => {
    const evening = choosing({
      liquids: { broth: 'misoDashi', sauces: ['soyScallion'] },
      batches: { soyScallion: 2 },
      taste: { misoDashi: { salt: 1 } },
    });
    const { last } = await inEvening(evening, <Conflicts />);
    await userEvent.press(screen.getAllByRole('button', { name: /^For Noor, in a small pan/ })[0]!);
    expect(last()!.choices).toMatchObject({
      liquids: evening.choices.liquids,
      batches: evening.choices.batches,
      taste: evening.choices.taste,
    });
    expect(last()!.choices.swaps[0]!.scope).toBe('aside');
    await userEvent.press(screen.getAllByRole('button', { name: /^Change .* for Noor/ })[0]!);
    expect(last()!.choices).toMatchObject({ swaps: [], liquids: evening.choices.liquids });
  });
});

describe('the taste of the table', () => {
  it('goes up and down in steps, and forgets itself at the middle', async () => {
    const { last } = await inEvening(
      choosing({}),
      <OfLiquid id="clearDashi" show={(liquid) => <TasteSection liquid={liquid} />} />,
    );
    await userEvent.press(screen.getByRole('button', { name: 'Stronger' }));
    expect(last()!.choices.taste).toEqual({ clearDashi: expect.objectContaining({ salt: 1 }) });
    await userEvent.press(screen.getByRole('button', { name: 'Milder' }));
    expect(last()!.choices.taste).toEqual({});
  });
});

describe('a larger batch', () => {
  it('says what is kept and until when; a broth has none', async () => {
    const batch = (id: string) => <OfLiquid id={id} show={(liquid) => <BatchSection liquid={liquid} />} />;
    const { last } = await inEvening(
      choosing({ liquids: { ahead: ['chilliSauce'] } }),
      <>
        {batch('chilliSauce')}
        {batch('clearDashi')}
      </>,
    );
    expect(screen.getAllByRole('radio', { name: 'Double' })).toHaveLength(1);
    await userEvent.press(screen.getByRole('radio', { name: 'Double' }));
    expect(last()!.choices.batches).toEqual({ chilliSauce: 2 });
    expect(screen.getByText(/^Made .* good until/)).toBeTruthy();
    expect(screen.getByText(/^\d+ ml are left after the evening\.$/)).toBeTruthy();
  });

  it('goes into the pantry when it is made, and tonight takes its share from the jar', async () => {
    const { last, stock } = await inEvening(
      choosing({ liquids: { sauces: ['citrusSoy'] }, batches: { citrusSoy: 2 }, fresh: ['citrusSoy'] }),
      <OfLiquid
        id="citrusSoy"
        show={(liquid) => (
          <>
            <JarSection liquid={liquid} />
            {liquid.jar ? null : <BatchSection liquid={liquid} />}
          </>
        )}
      />,
    );
    await userEvent.press(screen.getByRole('button', { name: 'It is made: into the pantry' }));
    expect(last()!.choices).toMatchObject({ batches: {}, fresh: [] });
    const { needG, haveG } = planPot({ ...last()!, pantry: stock() }).liquids.find((one) => one.jar)!.jar!;
    expect(haveG / needG).toBeCloseTo(2, 1);
    expect(screen.getByText(`${showVolume(needG, 'metric')} of it tonight`)).toBeTruthy();
    expect(screen.getByText(new RegExp(`^${showVolume(haveG, 'metric')} in the pantry, good until`))).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'Make it fresh all the same' }));
    expect(last()!.choices.fresh).toEqual(['citrusSoy']);
    await userEvent.press(screen.getByRole('button', { name: 'Take it from the jar instead' }));
    expect(last()!.choices.fresh).toEqual([]);
  });
});

describe('a ratio of one’s own', () => {
  const DIP = 'soyScallion';
  const open = async () => {
    const inside = await inEvening(
      choosing({}),
      <OfLiquid id={DIP} show={(liquid) => <RatioSection liquid={liquid} />} />,
    );
    await userEvent.press(screen.getByRole('button', { name: 'Mix it by parts or spoons' }));
    return inside;
  };
  const soy = () => screen.getByLabelText(/^(dark|light) soy sauce|^tamari/);
  const type = async (text: string) => {
    await userEvent.clear(soy());
    await userEvent.type(soy(), text);
  };

  it('begins as it is written, is typed in parts or spoons, and says what that does', async () => {
    const { last } = await open();
    const before = screen.getByText(/% salt$/);
    const was = (before.props as { children: unknown }).children;
    await type('9');
    expect(last()?.choices.ratios?.[DIP]?.darkSoy).toBe(9);
    expect((screen.getByText(/% salt$/).props as { children: unknown }).children).not.toEqual(was);
    await type('2 tbsp');
    expect(last()?.choices.ratios?.[DIP]?.darkSoy).toBe(2);
    await userEvent.press(screen.getByRole('button', { name: 'As it is written again' }));
    expect(last()?.choices.ratios).toEqual({});
  });

  it('keeps the last good ratio where something cannot be read, and names the field and the fix', async () => {
    const { last } = await open();
    await type('3');
    await type('a glug');
    expect(screen.getByText(/^Parts: write it like/)).toBeTruthy();
    expect(last()?.choices.ratios?.[DIP]?.darkSoy).toBe(3);
  });
});

describe('the words of a liquid', () => {
  const [broth] = planPot(practice()).liquids;

  it('name its tab, with for whom', () => {
    expect(tabName(broth!)).toBe('Broth');
    expect(tabName({ ...broth!, place: 'aside', forGuests: ['Noor', 'Tove'] })).toBe('Broth for Noor and Tove');
    expect(tabName({ ...broth!, place: 'otherHalf' })).toBe('Other half');
  });

  it('say how strong a taste is and how long it keeps', () => {
    expect(tasteWord('heat', 0)).toBe('not hot');
    expect(tasteWord('heat', 3)).toBe('hot');
    expect(keepsWords({ fridgeDays: 1, freezerMonths: 2, how: 'covered' })).toBe(
      '1 day in the fridge, 2 months frozen; covered',
    );
    expect(keepsWords({ fridgeDays: 0, freezerMonths: 0, how: 'does not keep' })).toBe('does not keep');
  });
});
