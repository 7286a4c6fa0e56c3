import { chosenLiquids, finishesOf, finishOf, hasRice, NO_FINISH, showVolume, styleById } from '@elixa/core';
import { useEvening } from '@/features/evening/EveningContext';
import { View } from 'react-native';
import { ChoiceList, ToggleChip } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';

const NONE = { value: NO_FINISH, label: 'Nothing more', says: 'The broth is kept, or drunk as it is.' };

/** What ends the evening in the broth, of the ways that suit the pot. */
export function FinishChoice() {
  const { evening, plan, edit } = useEvening();
  const ending = plan?.ending;
  const style = styleById(evening.style.id);
  const finishes = style ? finishesOf(evening, style, chosenLiquids(evening, style).broth) : [];
  return (
    <Section title="How it ends">
      <ChoiceList
        label="How it ends"
        options={[...finishes.map(({ id, name, says }) => ({ value: id, label: name, says })), NONE]}
        value={(style && finishOf(evening, style)?.id) ?? NO_FINISH}
        onChange={(finishId) => edit({ kind: 'finishChosen', finishId })}
      />
      {style ? (
        <View className="flex-row flex-wrap">
          <ToggleChip
            label="Plain rice beside it"
            on={hasRice(evening, style)}
            onChange={(on) => edit({ kind: 'riceBesideSet', on })}
          />
        </View>
      ) : null}
      {ending ? (
        <Small>
          There is then {showVolume(ending.brothMl, evening.units)} in the pot
          {ending.waterMl >= 25 ? `, ${showVolume(ending.waterMl, evening.units)} of it poured in for this` : ''}, at
          about {ending.salinityPct.toFixed(1)} % salt
          {ending.seasoning ? `: ${ending.seasoning}` : ''}.
          {ending.drinksMl >= 25 ? ` The finish drinks ${showVolume(ending.drinksMl, evening.units)} of it.` : ''}
        </Small>
      ) : null}
    </Section>
  );
}
