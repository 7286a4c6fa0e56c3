import type { Evening } from '@elixa/contract';
import {
  againstIt,
  findAtPot,
  gramsTyped,
  isMeatOrFish,
  potCutsOf,
  showWeight,
  usualSlotOf,
  type Unasked,
} from '@elixa/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { FoodRow } from '@/ui/FoodRow';
import { OctagonAlert } from '@/ui/icons';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { HowMuch } from './HowMuch';
import { TickRow } from '@/ui/TickRow';
import { Body, Heading, Small } from '@/ui/Text';

interface Props {
  evening: Evening;
  onTell(said: Unasked): void;
}

/** More than these are not read through at the stove; another letter finds it. */
const SHOWN = 8;
/** More than this nobody puts in at once, in g. */
const MOST_G = 5000;

/** Anything that was put in, found by its name: how much, and whether it was frozen. */
export function PutIn({ evening, onTell }: Props) {
  const catalogue = useCatalogue();
  const [wanted, setWanted] = useState('');
  const [chosen, setChosen] = useState<string>();
  const found = useMemo(
    () =>
      findAtPot(
        wanted,
        (evening.own ?? []).map(({ id }) => catalogue.byId(id)),
      ).slice(0, SHOWN),
    [catalogue, evening.own, wanted],
  );
  if (chosen) return <Chosen evening={evening} ingredientId={chosen} onTell={onTell} />;
  return (
    <View className="gap-4">
      <View className="flex-row">
        <Field
          label="What went in"
          value={wanted}
          maxLength={60}
          placeholder="tofu, garlic, shrimp"
          onChange={setWanted}
          autoFocus
        />
      </View>
      <View className="border-t border-line">
        {found.map(({ id, name, nativeName }) => (
          <FoodRow
            key={id}
            ingredientId={id}
            name={name}
            says={nativeName}
            label={name}
            onPress={() => setChosen(id)}
          />
        ))}
      </View>
      {found.length === 0 ? (
        <Small role="status">Nothing is known by that name: say it by what it is most like.</Small>
      ) : null}
    </View>
  );
}

function Chosen({ evening, ingredientId, onTell }: Props & { ingredientId: string }) {
  const catalogue = useCatalogue();
  const what = catalogue.byId(ingredientId);
  const usualG = usualSlotOf(what).rangeG[1];
  const [cut = Object.keys(what.cuts)[0] ?? ''] = potCutsOf(what);
  const [frozen, setFrozen] = useState(what.kept === 'freezer');
  const tell = (grams: number) =>
    onTell({ is: 'added', ingredientId, cut, massG: grams, ...(frozen ? { frozen } : {}) });
  const read = (text: string) => {
    const massG = gramsTyped(text, what, evening.units, cut);
    return massG !== undefined && massG > 0 && massG <= MOST_G ? massG : undefined;
  };
  return (
    <View className="gap-5">
      <View className="flex-row items-center gap-3">
        <PieceSwatch ingredientId={ingredientId} />
        <Heading level={3}>{what.name}</Heading>
      </View>
      {againstIt(catalogue, evening.diners, ingredientId).map(({ name, why, weight }) => (
        <View key={name} role="alert" className="flex-row gap-3 rounded-2xl border-2 border-ember bg-sheet p-4">
          <OctagonAlert size={28} color="rgb(var(--ember))" aria-hidden />
          <Body className="min-w-0 flex-1 text-lg font-semibold">
            {name} {why}.{weight === 'harm' ? ' Nothing out of this pot is for them once it is in.' : ''}
          </Body>
        </View>
      ))}
      <View className="flex-row flex-wrap gap-2">
        {[0.5, 1, 2, 4].map((times) => (
          <Button
            key={times}
            className="min-h-main min-w-[8rem] flex-1"
            label={showWeight(usualG * times, evening.units)}
            onPress={() => tell(usualG * times)}
          />
        ))}
      </View>
      <HowMuch
        placeholder={evening.units === 'us' ? '8 oz' : '250 g'}
        wrong="How much: write it like 250 g or 8 oz, up to 5 kg."
        read={read}
        onTell={tell}
      />
      <TickRow name="It was frozen" on={frozen} onChange={setFrozen} />
      {isMeatOrFish(what) ? (
        <Small>Raw, it goes in with its own chopsticks; everything waits until it is cooked through.</Small>
      ) : null}
    </View>
  );
}
