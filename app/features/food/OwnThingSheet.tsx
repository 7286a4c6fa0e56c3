import { allergenSchema, type Allergen } from '@elixa/contract';
import { ownIdOf, POT_FOOD, potCutsOf, thingNamed } from '@elixa/core';
import { useId, useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { ALLERGEN } from '@/features/who/words';
import { Button } from '@/ui/Button';
import { ToggleChip } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { typedNumber } from '@/ui/typedNumber';

const THICK = { least: 1, most: 80 };
const SALT = { least: 0, most: 60 };

const isIn = (number: number | undefined, { least, most }: typeof THICK) =>
  number !== undefined && number >= least && number <= most;

interface Props {
  /** What was looked for and not found. */
  name: string;
  onMade(ingredientId: string): void;
  onClose(): void;
}

/** Something that the catalogue does not hold: it is cooked like what it is like, until its own time is known. */
export function OwnThingSheet({ name: looked, onMade, onClose }: Props) {
  const { edit } = useEvening();
  const [name, setName] = useState(looked);
  const [like, setLike] = useState('');
  const [thick, setThick] = useState('');
  const [salt, setSalt] = useState('');
  const [allergens, setAllergens] = useState<readonly Allergen[]>([]);
  const [tried, setTried] = useState(false);
  const listId = useId();
  const likeness = thingNamed(like, POT_FOOD);
  const cut = likeness && likeness.cuts[potCutsOf(likeness)[0] ?? ''];
  const thicknessMm = typedNumber(thick, THICK.most);
  const saltPct = typedNumber(salt, SALT.most);
  const wrong = {
    name: name.trim() === '' ? 'Name: write one.' : undefined,
    like: likeness ? undefined : 'What it is like: choose a name from the list.',
    thick: thick.trim() === '' || isIn(thicknessMm, THICK) ? undefined : 'Thickness: use a number from 1 to 80.',
    salt: salt.trim() === '' || isIn(saltPct, SALT) ? undefined : 'Salt: use a number from 0 to 60.',
  };
  const save = () => {
    setTried(true);
    if (!likeness || Object.values(wrong).some(Boolean)) return;
    const thing = {
      name: name.trim(),
      likeId: likeness.id,
      ...(thick.trim() === '' ? {} : { thicknessMm }),
      ...(salt.trim() === '' ? {} : { saltPct }),
      ...(allergens.length > 0 ? { allergens: [...allergens] } : {}),
    };
    edit({ kind: 'ownMade', thing });
    onMade(ownIdOf(thing));
  };
  const toggle = (one: Allergen, on: boolean) =>
    setAllergens(on ? [...allergens, one] : allergens.filter((other) => other !== one));
  return (
    <Sheet
      open
      title="Something of your own"
      onClose={onClose}
      footer={<Button look="main" label="Put it in" onPress={save} />}
    >
      <Field
        label="Name"
        value={name}
        maxLength={60}
        onChange={setName}
        onEnter={save}
        autoFocus
        error={tried ? wrong.name : undefined}
      />
      <Field
        label="What it is like"
        value={like}
        maxLength={80}
        onChange={setLike}
        onEnter={save}
        list={listId}
        placeholder="oyster mushroom"
        error={tried ? wrong.like : undefined}
        hint={
          cut?.cooks?.simmered
            ? `It is cooked like it, ${cut.thicknessMm} mm thick: ${cut.cooks.simmered.sign}.`
            : 'It is cut, cooked and drawn like that, until you know its own time.'
        }
      />
      <datalist id={listId}>
        {POT_FOOD.map((one) => (
          <option key={one.id} value={one.name} />
        ))}
      </datalist>
      <View className="flex-row flex-wrap gap-3">
        <Field
          label="Thickness"
          unit="mm"
          value={thick}
          maxLength={6}
          onChange={setThick}
          onEnter={save}
          placeholder={cut ? String(cut.thicknessMm) : ''}
          error={tried ? wrong.thick : undefined}
        />
        <Field
          label="Salt"
          unit="g in 100 g"
          value={salt}
          maxLength={6}
          onChange={setSalt}
          onEnter={save}
          placeholder={likeness ? String(likeness.saltPct) : ''}
          error={tried ? wrong.salt : undefined}
        />
      </View>
      <View className="gap-2">
        <Body className="font-semibold">Its label names besides</Body>
        <View className="flex-row flex-wrap gap-2">
          {allergenSchema.options.map((one) => (
            <ToggleChip
              key={one}
              label={ALLERGEN[one]}
              on={allergens.includes(one)}
              onChange={(on) => toggle(one, on)}
            />
          ))}
        </View>
        <Small>
          What it is like brings its own allergens along. Read the label: nobody else can know what is in it.
        </Small>
      </View>
    </Sheet>
  );
}
