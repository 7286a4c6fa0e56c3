import type { Evening, PotPlan } from '@elixa/contract';
import { parseAmount, pourable, showVolume, type Unasked } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Tabs } from '@/ui/Choice';
import { HowMuch } from './HowMuch';

interface Props {
  evening: Evening;
  plan: PotPlan;
  onTell(said: Unasked): void;
}

type Way = 'hot' | 'cold' | 'bowls' | 'jug';

/** What is poured or ladled at once, in ml: a ladle, a cup, and more. */
const USUAL_ML = [50, 100, 200, 300, 500];
/** More than this no pot of a table takes, in ml. */
const MOST_ML = 5000;

/** A pour or a ladle: of what, how warm, and how much. */
export function Pour({ evening, plan, onTell }: Props) {
  const [way, setWay] = useState<Way>('hot');
  const [liquid, setLiquid] = useState('water');
  const broths = pourable(plan);
  const isPoured = way === 'hot' || way === 'cold';
  const tell = (ml: number) =>
    onTell(isPoured ? { is: 'poured', liquid, ml, isHot: way === 'hot' } : { is: 'ladled', ml, to: way });
  const read = (text: string) => {
    const amount = parseAmount(text, evening.units);
    const ml = amount?.kind === 'volume' ? amount.volumeMl : 0;
    return ml > 0 && ml <= MOST_ML ? ml : undefined;
  };
  return (
    <View className="gap-5">
      <Tabs<Way>
        label="What was done"
        options={[
          { value: 'hot', label: 'Poured, hot' },
          { value: 'cold', label: 'Poured, cold' },
          { value: 'bowls', label: 'Ladled into bowls' },
          { value: 'jug', label: 'Ladled into the jug' },
        ]}
        value={way}
        onChange={setWay}
      />
      {isPoured && broths.length > 0 ? (
        <Tabs
          label="What was poured"
          options={[{ value: 'water', label: 'Water' }, ...broths.map(({ id, name }) => ({ value: id, label: name }))]}
          value={liquid}
          onChange={setLiquid}
        />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {USUAL_ML.map((ml) => (
          <Button
            key={ml}
            className="min-h-main min-w-[6rem] flex-1"
            label={showVolume(ml, evening.units)}
            onPress={() => tell(ml)}
          />
        ))}
      </View>
      <HowMuch
        placeholder={evening.units === 'us' ? '1½ cups' : '250 ml'}
        wrong="How much: write it like 250 ml or 1½ cups, up to 5 l."
        read={read}
        onTell={tell}
      />
    </View>
  );
}
