import type { Liquid } from '@elixa/contract';
import {
  formulaById,
  type Formula,
  fractionText,
  mixedParts,
  partsTyped,
  ratioOf,
  takesRatio,
  THINNER,
  THINNER_WORDS,
} from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { useCatalogue } from '@/ui/catalogue';
import { Field } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { BandBar } from './BandBar';
import { bandOf, nowWords, turnable } from './tasteNow';

const EIGHTH = 1 / 8;
/** Below this an eighth of a part is a tenth of it: it is told to the hundredth. */
const LITTLE = 0.6;

/** Tablespoons of the whole, as a spoon has them. */
const rounded = (ratio: Readonly<Record<string, number>>): Record<string, number> =>
  Object.fromEntries(
    Object.entries(ratio).map(([id, parts]) => {
      const step = parts >= LITTLE ? EIGHTH : 0.01;
      return [id, Math.round(parts / step) * step];
    }),
  );

/** As it was typed, as nearly as a spoon has it. */
function shown(parts: number): string {
  const step = [EIGHTH, 1 / 3].find((one) => Math.abs(parts / one - Math.round(parts / one)) < 0.01);
  return step === undefined ? String(Number(parts.toFixed(2))) : fractionText(Math.round(parts / step) * step);
}

/** What a part brings to the whole of it, where that is most or much. */
function bringsWords(liquid: Liquid, what: { saltPct: number; sweetnessPct: number; acidPct: number }, massG: number) {
  const whole = { saltPct: liquid.salinityPct, sweetnessPct: liquid.sweetnessPct, acidPct: liquid.acidityPct };
  const words = { saltPct: 'salt', sweetnessPct: 'sweetness', acidPct: 'sourness' } as const;
  const brought = (Object.keys(words) as Array<keyof typeof words>).flatMap((key) => {
    const share = whole[key] > 0.05 ? (massG * what[key]) / (whole[key] * liquid.finishedMl) : 0;
    return share >= 0.25 ? [`${share >= 0.9 ? 'all' : share >= 0.55 ? 'most' : 'part'} of the ${words[key]}`] : [];
  });
  return brought.length === 0 ? '' : `Brings ${brought.join(' and ')}.`;
}

interface RowProps {
  label: string;
  parts: number;
  brings: string;
  onParts(parts: number): void;
}

function RatioRow({ label, parts, brings, onParts }: RowProps) {
  const { evening } = useEvening();
  const [text, setText] = useState(shown(parts));
  const wrong = text.trim() === '' || partsTyped(text, evening.units) === undefined;
  const change = (typed: string) => {
    setText(typed);
    const read = partsTyped(typed, evening.units);
    if (read !== undefined) onParts(read);
  };
  return (
    <View className="min-w-[9rem] flex-1 flex-row">
      <Field
        label={label}
        value={text}
        maxLength={20}
        onChange={change}
        hint={brings}
        error={wrong ? 'Parts: write it like 3, 1½, 2 tbsp or 1 tsp, 100 at most; 0 leaves it out.' : undefined}
      />
    </View>
  );
}

interface MixingProps {
  liquid: Liquid;
  formula: Formula;
  onSet(ratio: Readonly<Record<string, number>>): void;
}

function Mixing({ liquid, formula, onSet }: MixingProps) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const mixed = mixedParts(formula, evening.style.schools);
  const asked = evening.choices.ratios?.[formula.id];
  const thins = formula.thinnedWith !== 'nothing';
  const [ratio, setRatio] = useState(() => asked ?? rounded(ratioOf(liquid, mixed, catalogue, evening.units)));
  const isEmpty = Object.values(ratio).every((parts) => parts === 0);
  const set = (id: string, parts: number) => {
    const next = { ...ratio, [id]: parts };
    setRatio(next);
    if (Object.values(next).some((one) => one > 0)) onSet(next);
  };
  const servedOf = (id: string) => liquid.swaps.find((one) => one.ingredientId === id)?.withIngredientId ?? id;
  return (
    <>
      <Small>
        Tonight’s tablespoons. Change them, or write your own parts: a bare number is a part, a tablespoon is one. As
        much is made as before.
      </Small>
      <View className="flex-row flex-wrap gap-x-4 gap-y-3">
        {mixed.map(({ ingredientId }) => {
          const what = catalogue.byId(servedOf(ingredientId));
          const { massG = 0 } = liquid.ingredients.find((one) => one.ingredientId === what.id) ?? {};
          return (
            <RatioRow
              key={ingredientId}
              label={what.name}
              parts={ratio[ingredientId] ?? 0}
              brings={bringsWords(liquid, what, massG)}
              onParts={(parts) => set(ingredientId, parts)}
            />
          );
        })}
        {thins ? (
          <RatioRow
            label={THINNER_WORDS[liquid.thinnedWith ?? 'water']}
            parts={ratio[THINNER] ?? 0}
            brings="Lets it down."
            onParts={(parts) => set(THINNER, parts)}
          />
        ) : null}
      </View>
      {isEmpty ? (
        <Small role="alert" className="text-ember">
          Nothing is in it. Give at least one thing more than 0 parts.
        </Small>
      ) : null}
      <View className="gap-3">
        {turnable(liquid)
          .filter(({ key }) => key !== 'savour')
          .map(({ key, label }) => (
            <View key={key}>
              <Body className="font-semibold">{label}</Body>
              <Small>{nowWords(liquid, key)}</Small>
              <BandBar {...bandOf(liquid, key)} />
            </View>
          ))}
      </View>
      {asked ? (
        <Button
          left
          className="self-start"
          label="As it is written again"
          onPress={() => edit({ kind: 'ratioSet', formulaId: formula.id })}
        />
      ) : null}
    </>
  );
}

/** A sauce by the cook's own ratio, in parts or spoons, with what it does to each taste. */
export function RatioSection({ liquid }: { liquid: Liquid }) {
  const { evening, edit } = useEvening();
  const { formulaId } = liquid;
  const formula = formulaById(formulaId);
  const asked = JSON.stringify(evening.choices.ratios?.[formulaId]);
  const [open, setOpen] = useState(asked !== undefined);
  // What was not typed here (taken back, changed on another phone, as written again) is read anew.
  const [typed, setTyped] = useState(asked);
  if (!formula || !takesRatio(formula)) return null;
  return (
    <Section title="By your own ratio">
      {open || asked !== undefined ? (
        <Mixing
          key={asked === typed ? 'typed' : asked}
          liquid={liquid}
          formula={formula}
          onSet={(ratio) => {
            setTyped(JSON.stringify(ratio));
            edit({ kind: 'ratioSet', formulaId, ratio });
          }}
        />
      ) : (
        <>
          <Small>
            Mixed by parts, as you know it by heart, with what that does to its salt, sweetness and sourness.
          </Small>
          <Button left className="self-start" label="Mix it by parts or spoons" onPress={() => setOpen(true)} />
        </>
      )}
    </Section>
  );
}
