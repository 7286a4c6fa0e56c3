import type { Liquid } from '@elixa/contract';
import { formulaById } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';
import { typedNumber } from '@/ui/typedNumber';

const MOST_PCT = 60;

/** What the label of a carton, bottle or packet says, from which its liquid is let down. */
export function LabelSection({ liquid }: { liquid: Liquid }) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const bottleId = formulaById(liquid.formulaId)?.fromLabel;
  const [name, setName] = useState('');
  const [salt, setSalt] = useState('');
  if (bottleId === undefined) return null;
  const swap = evening.choices.swaps.find((one) => one.ingredientId === bottleId && one.scope === 'everyone');
  const what = catalogue.byId(swap?.withIngredientId ?? bottleId);
  const saltPct = typedNumber(salt, MOST_PCT);
  const isWrong = salt.trim() !== '' && (saltPct === undefined || saltPct > MOST_PCT);
  const take = () => {
    if (saltPct === undefined || isWrong) return;
    const thing = { name: name.trim() || what.name, likeId: what.likeId ?? bottleId, saltPct };
    edit({ kind: 'ownMade', thing, instead: bottleId });
    setName('');
    setSalt('');
  };
  return (
    <Section title="What its label says">
      <Small>
        Worked out for {what.name} with {what.saltPct} g of salt in 100 g
        {what.likeId === undefined ? ', as most have. Yours may differ: how far it is let down follows from it.' : '.'}
      </Small>
      <View className="flex-row flex-wrap items-start gap-3">
        <Field label="Name on it, if you like" value={name} maxLength={60} onChange={setName} onEnter={take} />
        <Field
          label="Salt"
          unit="g in 100 g"
          value={salt}
          maxLength={6}
          placeholder={String(what.saltPct)}
          onChange={setSalt}
          onEnter={take}
          error={isWrong ? 'Salt: use a number from 0 to 60.' : undefined}
          hint="A label that names sodium: two and a half times that is salt."
        />
      </View>
      <Button className="self-start" label="Take it" disabled={saltPct === undefined || isWrong} onPress={take} />
    </Section>
  );
}
