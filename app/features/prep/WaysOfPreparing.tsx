import type { Evening } from '@elixa/contract';
import { BEAN_SCHOOLS, beansSoak, capital, isBoughtReady, prepWorkOf, schoolOf, styleById } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { ChoiceList, ToggleChip } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';

/** How long beans lie in water there, told to the half hour. */
function soakWords({ place }: Evening, where: string): string {
  const { minutes, tempC } = beansSoak({ [BEAN_SCHOOLS.id]: where }, place.roomTempC);
  return `About ${Math.round(minutes / 30) / 2} h at ${Math.round(tempC)} °C.`;
}

/** Ways of preparing that cooks disagree on, and what is bought ready. */
export function WaysOfPreparing() {
  const catalogue = useCatalogue();
  const { evening, plan, edit } = useEvening();
  const style = styleById(evening.style.id);
  if (!plan || !style) return null;
  // What can be had ready from a shop, of what is cut or cooked at home.
  const ready = [...new Map(plan.menu.slots.map((slot) => [slot.ingredientId, slot.cuts[0] ?? '']))].filter(
    ([id, cut]) => prepWorkOf(catalogue.byId(id), cut).bought,
  );
  const homemade = evening.choices.homemade ?? [];
  const there = [...plan.menu.slots, ...plan.liquids.flatMap((liquid) => liquid.ingredients)];
  const projects = [...new Set(there.map((one) => one.ingredientId))].filter((id) => catalogue.byId(id).homemade);
  const choices = style.schools.filter((choice) => choice.asked !== 'broth');
  return (
    <>
      {choices.map((choice) => (
        <Section key={choice.id} title={choice.question}>
          <ChoiceList
            label={choice.question}
            options={choice.options.map((option) => ({ value: option.id, label: option.label, says: option.says }))}
            value={schoolOf(choice, evening.style.schools)}
            onChange={(option) => edit({ kind: 'schoolFollowed', question: choice.id, option })}
          />
        </Section>
      ))}
      {projects.length > 0 ? (
        <Section title="Made at home">
          {projects.map((id) => (
            <View key={id} className="gap-1">
              <View className="flex-row flex-wrap">
                <ToggleChip
                  label={catalogue.byId(id).name}
                  on={homemade.includes(id)}
                  onChange={(on) => edit({ kind: 'madeAtHome', ingredientId: id, made: on })}
                />
              </View>
              <Small>
                {capital(catalogue.byId(id).homemade?.yields ?? '')}
                {homemade.includes(id)
                  ? '. Its work stands in the plan, what it is made of on the shopping list.'
                  : '.'}
              </Small>
            </View>
          ))}
        </Section>
      ) : null}
      {homemade.some((id) => projects.includes(id) && catalogue.byId(id).homemade?.steps.some((one) => one.swells)) ? (
        <Section title={BEAN_SCHOOLS.question}>
          <ChoiceList
            label={BEAN_SCHOOLS.question}
            options={BEAN_SCHOOLS.options.map(({ id, label, says }) => ({
              value: id,
              label,
              says: `${soakWords(evening, id)} ${says}`,
            }))}
            value={schoolOf(BEAN_SCHOOLS, evening.style.schools)}
            onChange={(option) => edit({ kind: 'schoolFollowed', question: BEAN_SCHOOLS.id, option })}
          />
        </Section>
      ) : null}
      {ready.length > 0 ? (
        <Section title="Bought ready">
          <View className="flex-row flex-wrap gap-2">
            {ready.map(([id, cut]) => (
              <ToggleChip
                key={id}
                label={catalogue.byId(id).name}
                on={isBoughtReady(evening, catalogue.byId(id), cut)}
                onChange={(on) => edit({ kind: 'boughtReady', ingredientId: id, bought: on })}
              />
            ))}
          </View>
          <Small>
            Cut, sliced or cooked by somebody else: nothing is left to do for it. What shops sell in thin slices is
            bought so unless you take it out here.
          </Small>
        </Section>
      ) : null}
    </>
  );
}
