import type { Evening } from '@elixa/contract';
import { asSwap, droppedByStyle, findStyles, inStock, type Style } from '@elixa/core';
import { router } from 'expo-router';
import { Fragment, useMemo, useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { HousePots } from '@/features/housePots/HousePots';
import { useStocked } from '@/state/usePantry';
import { Button } from '@/ui/Button';
import { ToggleChip } from '@/ui/Choice';
import { useRadioKeys } from '@/ui/choiceKeys';
import { GOES_ON_ID } from '@/ui/focusKept';
import { Field } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { PotCard } from './PotCard';
import { usePreviews } from './usePreviews';

/** What an exchange of pots took with it, and the way back. */
function Dropped({ before, after, onUndo }: { before: Evening; after: Evening; onUndo?(): void }) {
  const dropped = droppedByStyle(before, after);
  if (dropped.length === 0 || before.style.id === after.style.id) return null;
  return (
    <View role="status" className="gap-2 rounded-2xl bg-well p-4">
      <Body className="font-semibold">What went with the pot before</Body>
      {dropped.map((words) => (
        <Small key={words}>{words}</Small>
      ))}
      {onUndo ? <Button className="self-start" label="Take the pot before back" onPress={onUndo} /> : null}
    </View>
  );
}

const pots = (count: number) => (count === 1 ? '1 pot' : `${count} pots`);

/** Which pot it is tonight: the first thing of a new evening, and open to change later. */
export function ChooseScreen() {
  const { evening, edit, undo } = useEvening();
  const stocked = useStocked(evening) ?? evening;
  const previews = usePreviews(stocked);
  const [byHouse, setByHouse] = useState(false);
  const isStocked = inStock(stocked.pantry ?? []).length > 0;
  const [before, setBefore] = useState<Evening>();
  const [wanted, setWanted] = useState('');
  // The one that is chosen as the page opens stands first; none moves while the cook looks.
  const [first] = useState(evening.style.id);
  const found = useMemo(() => {
    const all = findStyles(wanted);
    // Not before all of them are known: nothing moves under a finger that is about to choose.
    if (byHouse && all.every(({ id }) => previews[id])) {
      const scoreOf = ({ id }: Style) => previews[id]?.fromTheHouse?.score ?? 0;
      return [...all].sort((a, b) => scoreOf(b) - scoreOf(a));
    }
    return [...all.filter((style) => style.id === first), ...all.filter((style) => style.id !== first)];
  }, [wanted, first, byHouse, previews]);
  const choose = (styleId: string) => {
    if (styleId === evening.style.id) return;
    setBefore(evening);
    edit({ kind: 'styleChosen', styleId });
    // Opened as it was ranked: with what the house has instead.
    for (const one of (byHouse && previews[styleId]?.fromTheHouse?.instead) || [])
      edit({ kind: 'swapTaken', swap: asSwap(one) });
  };
  const keys = useRadioKeys(
    found.map((style) => style.id),
    evening.style.id,
    choose,
  );
  // The list is long: the way on stands by what was chosen.
  const goOn = (
    <>
      {before ? <Dropped before={before} after={evening} onUndo={undo} /> : null}
      <Faults />
      <Button
        nativeID={GOES_ON_ID}
        look="main"
        className="mb-3 min-h-main self-start sm:px-8"
        label="Go on: who eats"
        onPress={() => router.replace(`/evening/${evening.id}/who`)}
      />
    </>
  );
  return (
    <>
      <HousePots onChosen={() => setBefore(evening)} />
      <Section title="Which pot tonight?" aside={<Small>{pots(found.length)}</Small>}>
        <View className="flex-row">
          <Field label="Find one by its name or by what is in it" value={wanted} maxLength={60} onChange={setWanted} />
        </View>
        {isStocked ? (
          <View className="flex-row flex-wrap">
            <ToggleChip label="What the house has first" on={byHouse} onChange={setByHouse} />
          </View>
        ) : null}
        <View role="radiogroup" aria-label="Which pot tonight?" className="gap-3">
          {found.map((style) => (
            <Fragment key={style.id}>
              <PotCard
                style={style}
                evening={evening}
                preview={previews[style.id]}
                byHouse={byHouse}
                chosen={style.id === evening.style.id}
                keys={keys(style.id)}
                onChoose={() => choose(style.id)}
              />
              {style.id === evening.style.id ? goOn : null}
            </Fragment>
          ))}
        </View>
        {found.length === 0 ? (
          <Body role="status">No pot has that in it. Try one word, or another name for it.</Body>
        ) : null}
      </Section>
      {found.some((style) => style.id === evening.style.id) ? null : goOn}
    </>
  );
}
