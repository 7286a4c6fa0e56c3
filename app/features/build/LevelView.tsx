import type { Build, Simmer, Units, Vessel } from '@elixa/contract';
import { firstFullAt, isCovered, showLength, showVolume, sunkAt } from '@elixa/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { IconButton } from '@/ui/Button';
import { Minus, Plus } from '@/ui/icons';
import { PotFromSide } from '@/ui/pot/PotFromSide';
import { Body, Figure, Small } from '@/ui/Text';

interface Props {
  vessel: Vessel;
  build: Build;
  simmer: Simmer;
  units: Units;
  sauces: { sauce?: string; otherSauce?: string };
}

const minutes = (min: number) => {
  const whole = Math.round(min);
  return whole === 0 ? 'As it is poured' : `${whole} min later`;
};

/** The pot cut through, with its liquid as it stands now and as it will: minute by minute until the first food is ready. */
export function LevelView({ vessel, build, simmer, units, sauces }: Props) {
  const catalogue = useCatalogue();
  const { levelAfterMin, usableVolumeMl } = build;
  const [index, setIndex] = useState<number>();
  const at = Math.min(index ?? firstFullAt({ build, simmer }), levelAfterMin.length - 1);
  const now = levelAfterMin[at];
  const fromS = simmer.trace?.fromS;
  const lying = useMemo(
    () => (now && fromS !== undefined ? sunkAt(catalogue, { build, simmer }, fromS + now.min * 60) : undefined),
    [catalogue, build, simmer, now, fromS],
  );
  const covered = isCovered(build);
  const step = (by: number) => setIndex(Math.min(levelAfterMin.length - 1, Math.max(0, at + by)));
  return (
    <View className="gap-3">
      <PotFromSide
        vessel={vessel}
        build={build}
        lying={lying}
        units={units}
        {...sauces}
        measured
        // Where food stands out of the liquid, what is told is how high both stand: the line stays as it is poured.
        levelMm={covered ? now?.depthMm : undefined}
        risesToMm={covered ? Math.max(0, ...levelAfterMin.map((one) => one.depthMm)) : undefined}
      />
      {now ? (
        <View className="flex-row flex-wrap items-center gap-3">
          <View className="words" aria-live="polite">
            <Figure size="small">{minutes(now.min)}</Figure>
            <Small>
              {showVolume(now.levelMl, units)} stand in it, {showLength(now.depthMm, units)} deep
              {covered ? '' : ' with the food'}: {Math.round((100 * now.levelMl) / usableVolumeMl)}&nbsp;% of what it
              takes to the dashed line.
            </Small>
          </View>
          <IconButton
            label="Earlier"
            className="border border-edge bg-sheet"
            disabled={at <= 0}
            onPress={() => step(-1)}
            icon={<Minus size={22} color="rgb(var(--ink))" />}
          />
          <IconButton
            label="Later"
            className="border border-edge bg-sheet"
            disabled={at >= levelAfterMin.length - 1}
            onPress={() => step(1)}
            icon={<Plus size={22} color="rgb(var(--ink))" />}
          />
        </View>
      ) : (
        <Body className="text-soft">How it rises is being worked out.</Body>
      )}
      {(vessel.outline ?? 'round') === 'round' ? (
        <Small>Cut through from mark to mark on the rim above.</Small>
      ) : (
        <Small>Cut through along its longer side.</Small>
      )}
    </View>
  );
}
