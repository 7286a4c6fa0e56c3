import type { Evening, Units } from '@elixa/contract';
import {
  cutAt,
  foodTonight,
  type FoodTonight,
  headsTonight,
  type Ingredient,
  KIN_WORDS,
  kinOf,
  perHeadTyped,
  showWeight,
  withLengths,
} from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { ChoiceList, ToggleChip } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { Instead } from './Instead';
import { PotEffect } from './PotEffect';
import { SideSection } from './SideSection';
import { ThicknessSection } from './ThicknessSection';

/** What it is called in a sentence, without how it is bought. */
const plainName = ({ name }: { name: string }) => name.split(',')[0]!;

/** A cut of it as thick as it is made tonight. */
const asTonight = ({ id, cuts }: Ingredient, cut: string, { overrides }: Evening) =>
  cuts[cut] && cutAt(cuts[cut], overrides.thicknessMm?.[id]?.[cut]);

/** So much for a head and for the table, counted in pieces where that says more. */
function amountWords(perHeadG: number, heads: number, pieceG: number | undefined, units: Units): string {
  const pieces = pieceG && perHeadG / pieceG;
  const counted =
    pieces && pieces >= 0.9
      ? `, about ${pieces < 3 ? pieces.toFixed(1).replace('.0', '') : Math.round(pieces)} pieces`
      : '';
  return `${showWeight(perHeadG, units)} a head${counted}; ${showWeight(perHeadG * heads, units)} for the table.`;
}

interface AmountProps {
  food: FoodTonight;
  keepSum: boolean;
}

/** How much of it a regular head gets, typed in the cook's own way. */
function AmountSection({ food, keepSum }: AmountProps) {
  const catalogue = useCatalogue();
  const { evening, plan, edit } = useEvening();
  const { ingredientId, servedId, rangeG, servedRatio: ratio } = food;
  const [text, setText] = useState('');
  const what = catalogue.byId(servedId);
  const cut = food.cut !== undefined && food.cut in what.cuts ? food.cut : Object.keys(what.cuts)[0];
  const perHeadG = food.perHeadG * ratio;
  const pieceG = cut === undefined ? undefined : asTonight(what, cut, evening)?.pieceG;
  const typedG = perHeadTyped(text, what, evening.units, cut, pieceG);
  const heads = headsTonight(evening);
  /** Grams of what is served; the usual ones where none are said. */
  const set = (grams: number | undefined) => {
    edit({ kind: 'amountSet', ingredientId, ...(grams === undefined ? {} : { grams: grams / ratio }), keepSum });
    setText('');
  };
  const use = plan?.shopping.find((one) => one.ingredientId === servedId)?.use;
  const usual = [
    { label: 'Less', grams: rangeG[0] * ratio },
    { label: 'Usual', grams: rangeG[1] * ratio },
    { label: 'More', grams: rangeG[2] * ratio },
  ];
  return (
    <Section title="How much">
      <Body>{amountWords(perHeadG, heads, pieceG, evening.units)}</Body>
      <View className="flex-row flex-wrap gap-2">
        {usual.map(({ label, grams }) => (
          <ToggleChip
            key={label}
            label={`${label}, ${showWeight(grams, evening.units)}`}
            on={Math.round(perHeadG) === Math.round(grams)}
            onChange={() => set(label === 'Usual' ? undefined : grams)}
          />
        ))}
      </View>
      <View className="flex-row flex-wrap items-start gap-3">
        <Field
          label="Or your own, for a regular head"
          value={text}
          maxLength={40}
          placeholder={evening.units === 'us' ? '1½ oz, or 3 pieces' : '40 g, or 3 pieces'}
          onChange={setText}
          onEnter={() => typedG !== undefined && set(typedG)}
          hint={typedG === undefined ? undefined : amountWords(typedG, heads, pieceG, evening.units)}
          error={
            text.trim() !== '' && typedG === undefined
              ? 'Amount: write it like 40 g or 3 pieces, 1 kg at most.'
              : undefined
          }
        />
        <Button
          className="mt-6"
          label="Take it"
          disabled={typedG === undefined}
          onPress={() => typedG !== undefined && set(typedG)}
        />
      </View>
      {use?.edit ? <Button left className="self-start" label={use.text} onPress={() => edit(use.edit!)} /> : null}
    </Section>
  );
}

/** One thing of the pot: how much of it, how it is cut, what instead of it, or without it. */
export function FoodSheet({ ingredientId, onClose }: { ingredientId: string; onClose(): void }) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const [keepSum, setKeepSum] = useState(false);
  const food = foodTonight(evening).find((one) => one.ingredientId === ingredientId && !one.isLeftOut);
  if (!food) return null;
  const what = catalogue.byId(ingredientId);
  const served = catalogue.byId(food.servedId);
  const leaveOut = () => {
    edit({ kind: 'leftOut', ingredientId, keepSum });
    onClose();
  };
  return (
    <Sheet
      open
      title={served.name}
      onClose={onClose}
      footer={
        <>
          <Button look="main" label="Done" onPress={onClose} />
          <Button
            look="quiet"
            label={food.isAdded ? `Take the ${plainName(what)} out again` : `Without ${plainName(served)}`}
            onPress={leaveOut}
          />
        </>
      }
    >
      <PotEffect />
      <AmountSection food={food} keepSum={keepSum} />
      {food.othersOfKin > 0 ? (
        <View className="gap-1">
          <View className="flex-row flex-wrap">
            <ToggleChip label={`Keep the sum of the ${KIN_WORDS[kinOf(what)]}`} on={keepSum} onChange={setKeepSum} />
          </View>
          <Small>
            {keepSum
              ? 'More of this is less of the others of its kind, and the other way round.'
              : 'The others stay as they are; there is so much more or less in the pot.'}
          </Small>
        </View>
      ) : null}
      <SideSection food={food} />
      {food.cuts.length > 1 ? (
        <Section title="How it is cut">
          <ChoiceList
            label="How it is cut"
            options={food.cuts.map((cut) => ({
              value: cut,
              label: withLengths(asTonight(what, cut, evening)!.label, evening.units),
            }))}
            value={food.cut ?? ''}
            onChange={(cut) => edit({ kind: 'cutChosen', ingredientId, cut })}
          />
        </Section>
      ) : null}
      <ThicknessSection food={food} />
      <Instead food={food} />
    </Sheet>
  );
}
