import type { Liquid } from '@elixa/contract';
import { type Catalogue, type Rest, restAfter, showVolume } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Figure, Small } from '@/ui/Text';
import { TypedAmount } from './TypedAmount';
import { useScale } from './useScale';

/** Off by less than this share, or less than a gram, is on target. */
const ON_TARGET = 0.03;
const LEAST_G = 1;
const POURS_G = [1, 5, 20, 100];

const near = (offG: number, targetG: number) => Math.abs(offG) <= Math.max(LEAST_G, targetG * ON_TARGET);
/** Halves of a gram only where there are few. */
const grams = (massG: number) => `${massG < 3 ? Math.round(massG * 2) / 2 : Math.round(massG)} g`;

function stateWords(offG: number, targetG: number): string {
  if (near(offG, targetG)) return 'that is it';
  return offG < 0 ? `${grams(-offG)} more` : `${grams(offG)} too much`;
}

/** Less than this a kitchen scale does not tell from nothing, in g. */
const LEAST_ON_G = 0.75;
/** More water than this share of the liquid does not go into its pot. */
const MOST_MORE_WATER = 0.5;

/** What a mistake changes, in a sentence. */
function consequence(
  catalogue: Catalogue,
  name: string,
  offG: number,
  rest: Rest,
  before: Rest,
  units: Parameters<typeof showVolume>[1],
  finishedMl: number,
): string {
  const over = `${grams(Math.abs(offG))} too ${offG > 0 ? 'much' : 'little'} ${name}`;
  if (rest.moreWaterMl > finishedMl * MOST_MORE_WATER) {
    return `${over}: more than this pot can take up. Begin it again, or make it double and keep half.`;
  }
  if (rest.moreWaterMl - before.moreWaterMl >= 10) {
    return `${over}: ${showVolume(rest.moreWaterMl, units)} more water keeps it right.`;
  }
  const changed = [...rest.massG].filter(([id, massG]) => Math.abs(massG - (before.massG.get(id) ?? massG)) >= LEAST_G);
  if (changed.length === 0) return offG > 0 ? `${over}: take some back out.` : `${over}: put the rest in.`;
  return `${over}: now ${changed.map(([id, massG]) => `${grams(massG)} ${catalogue.byId(id).name}`).join(', ')}.`;
}

/** Weighs a formula one thing after the other; what goes wrong is solved again on the way. */
export function WeighSheet({ liquid, onClose }: { liquid: Liquid; onClose(): void }) {
  const catalogue = useCatalogue();
  const { evening } = useEvening();
  const scale = useScale();
  const [weighed, setWeighed] = useState<ReadonlyMap<string, number>>(new Map());
  const [said, setSaid] = useState<string | undefined>(undefined);
  const rest = restAfter(catalogue, liquid, weighed);
  const part = liquid.ingredients.find((one) => !weighed.has(one.ingredientId));
  const targetG = part ? (rest.massG.get(part.ingredientId) ?? part.massG) : 0;
  const readG = scale.reading?.massG ?? 0;
  // A scale trembles around nothing; weight counts once something has been put on.
  const isOn = readG >= LEAST_ON_G;
  const massG = isOn ? readG : 0;
  const offG = massG - targetG;
  const share = targetG > 0 ? Math.min(1, Math.max(0, massG / targetG)) : 0;
  const take = (takenG: number) => {
    if (!part) return;
    const offG = takenG - targetG;
    const next = new Map([...weighed, [part.ingredientId, Math.max(0, takenG)]]);
    const name = catalogue.byId(part.ingredientId).name;
    setSaid(
      near(offG, targetG)
        ? undefined
        : consequence(
            catalogue,
            name,
            offG,
            restAfter(catalogue, liquid, next),
            rest,
            evening.units,
            liquid.finishedMl,
          ),
    );
    setWeighed(next);
    scale.tare();
  };
  return (
    <Sheet
      open
      title={part ? catalogue.byId(part.ingredientId).name : 'All weighed'}
      onClose={onClose}
      footer={
        part ? (
          <Button
            look="main"
            className="min-h-[72px]"
            wordsClassName="text-xl"
            disabled={!isOn || !scale.reading?.stable}
            label={!isOn ? 'Put it on the scale' : scale.reading?.stable ? 'Next' : 'Wait until it rests'}
            onPress={() => take(massG)}
          />
        ) : (
          <Button look="main" label="Done" onPress={onClose} />
        )
      }
    >
      {said ? (
        <Body role="status" className="rounded-2xl bg-well p-4 text-lg">
          {said}
        </Body>
      ) : null}
      {scale.status === 'lost' ? (
        <Body role="alert">The scale does not answer. Measure by the list; nothing is lost.</Body>
      ) : null}
      {scale.status === 'taken' ? (
        <View className="flex-row flex-wrap items-center gap-3">
          <Body role="alert">The scale is read on another screen.</Body>
          <Button label="Read it here" onPress={scale.take} />
        </View>
      ) : null}
      {part ? (
        <>
          <View>
            <Figure running size="huge">
              {massG.toFixed(1)}
            </Figure>
            <Small className="text-base">
              of {grams(targetG)} · {stateWords(offG, targetG)}
            </Small>
          </View>
          <View className="h-6 overflow-hidden rounded-full bg-well">
            <View
              className={`h-full rounded-full ${offG > 0 && !near(offG, targetG) ? 'bg-ember' : near(offG, targetG) ? 'bg-moss' : 'bg-iron'}`}
              style={{ width: `${Math.round(share * 100)}%` }}
            />
          </View>
          <TypedAmount key={part.ingredientId} part={part} onTaken={take} />
          <View className="gap-2">
            <Small>A practice scale stands in, since no real one is connected. Pour on it here:</Small>
            <View className="flex-row flex-wrap gap-2">
              {POURS_G.map((pourG) => (
                <Button
                  key={pourG}
                  label={`${pourG} g`}
                  aria-label={`Pour ${pourG} g`}
                  onPress={() => scale.pour(pourG)}
                />
              ))}
            </View>
          </View>
        </>
      ) : (
        <Body className="text-lg">
          Everything is in. {liquid.startWaterText}
          {liquid.kind === 'broth' && liquid.startWaterText !== '' ? ' of water' : ''}
          {rest.moreWaterMl >= 10 ? `, and ${showVolume(rest.moreWaterMl, evening.units)} more` : ''}.
        </Body>
      )}
      {weighed.size > 0 ? (
        <Button
          look="quiet"
          className="-ml-3 self-start"
          label={`Weigh ${catalogue.byId([...weighed.keys()].at(-1) as string).name} again`}
          onPress={() => {
            setWeighed(new Map([...weighed].slice(0, -1)));
            setSaid(undefined);
            scale.tare();
          }}
        />
      ) : null}
      {rest.massG.size > 1 ? (
        <Small>
          Then:{' '}
          {[...rest.massG]
            .slice(1)
            .map(([id, restG]) => `${catalogue.byId(id).name} ${grams(restG)}`)
            .join(' · ')}
        </Small>
      ) : null}
    </Sheet>
  );
}
