import type { Edit, Liquid } from '@elixa/contract';
import { capital, withLengths } from '@elixa/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Figure, Small } from '@/ui/Text';

const grams = (massG: number) => String(Number(massG.toFixed(massG < 100 ? 1 : 0)));

function exactness(massG: number, errorPct: number): string {
  const off = Math.abs(errorPct) < 0.5 ? 'just right' : `${errorPct > 0 ? '+' : '−'}${Math.abs(errorPct).toFixed(0)} %`;
  return `${grams(massG)} g · ${off}`;
}

/** One thing to measure. A tap says what to do when there is none of it in the house. */
export function MeasureRow({ liquid, part }: { liquid: Liquid; part: Liquid['ingredients'][number] }) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const [asking, setAsking] = useState(false);
  const what = catalogue.byId(part.ingredientId);
  const swap = liquid.swaps.find((one) => one.withIngredientId === part.ingredientId);
  const choose = (change: Edit) => {
    edit(change);
    setAsking(false);
  };
  const under = swap
    ? `instead of ${catalogue.byId(swap.ingredientId).name}`
    : [
        part.note ?? (part.cut === undefined ? what.nativeName : undefined),
        part.cut && withLengths(what.cuts[part.cut]?.label ?? '', evening.units),
      ]
        .filter((words, index, all) => words && all.indexOf(words) === index)
        .join(' · ');
  return (
    <>
      <Pressable
        role="button"
        aria-label={`${what.name}, ${part.shownText}. What if there is none`}
        onPress={() => setAsking(true)}
        className="min-h-target flex-row flex-wrap items-center gap-x-4 border-b border-line py-2"
      >
        <View className="words">
          <Body className="font-semibold">{what.name}</Body>
          {under ? <Small>{under}</Small> : null}
        </View>
        <View className="ml-auto items-end">
          <Figure size="small">{part.shownText}</Figure>
          <Small>{exactness(part.massG, part.roundingErrorPct)}</Small>
        </View>
      </Pressable>
      <Sheet title={`No ${what.name}?`} open={asking} onClose={() => setAsking(false)}>
        {what.replacements.length > 0 ? (
          <Body>Choose what you have. The amounts are worked out again, to the same strength.</Body>
        ) : (
          <Body>Nothing in the catalogue takes its place well.</Body>
        )}
        {swap ? (
          <Button
            left
            look="main"
            label={`Back to ${catalogue.byId(swap.ingredientId).name}`}
            onPress={() => choose({ kind: 'putBack', ingredientIds: [swap.ingredientId] })}
          />
        ) : (
          what.replacements.map((one) => (
            <Button
              key={one.withIngredientId}
              left
              label={capital(one.text)}
              onPress={() =>
                choose({
                  kind: 'swapTaken',
                  swap: {
                    ingredientId: part.ingredientId,
                    withIngredientId: one.withIngredientId,
                    scope: 'everyone',
                  },
                })
              }
            />
          ))
        )}
        {swap || liquid.ingredients.length < 2 ? null : (
          <Button
            left
            label={`Leave out ${what.name}`}
            onPress={() => choose({ kind: 'leftOut', ingredientId: part.ingredientId })}
          />
        )}
      </Sheet>
    </>
  );
}
