import type { Evening } from '@elixa/contract';
import { droppedByStyle, findStyles, styleById } from '@elixa/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { Button } from '@/ui/Button';
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
  const previews = usePreviews(evening);
  const [before, setBefore] = useState<Evening>();
  const [wanted, setWanted] = useState('');
  // The one that is chosen as the page opens stands first; none moves while the cook looks.
  const [first] = useState(evening.style.id);
  const found = useMemo(() => {
    const all = findStyles(wanted);
    return [...all.filter((style) => style.id === first), ...all.filter((style) => style.id !== first)];
  }, [wanted, first]);
  const choose = (styleId: string) => {
    if (styleId === evening.style.id) return;
    setBefore(evening);
    edit({ kind: 'styleChosen', styleId });
  };
  const keys = useRadioKeys(
    found.map((style) => style.id),
    evening.style.id,
    choose,
  );
  return (
    <>
      <Section title="Which pot tonight?" aside={<Small>{pots(found.length)}</Small>}>
        <View className="flex-row">
          <Field label="Find one by its name or by what is in it" value={wanted} maxLength={60} onChange={setWanted} />
        </View>
        <View role="radiogroup" aria-label="Which pot tonight?" className="gap-3">
          {found.map((style) => (
            <PotCard
              key={style.id}
              style={style}
              evening={evening}
              preview={previews[style.id]}
              chosen={style.id === evening.style.id}
              keys={keys(style.id)}
              onChoose={() => choose(style.id)}
            />
          ))}
        </View>
        {found.length === 0 ? (
          <Body role="status">No pot has that in it. Try one word, or another name for it.</Body>
        ) : null}
      </Section>
      <Faults />
      {/* The list is long: what was chosen, and the way on, stay in reach of a thumb. */}
      <View className="sticky bottom-2 z-10 gap-2 rounded-2xl border border-line bg-sheet p-3 shadow-sm">
        {before ? <Dropped before={before} after={evening} onUndo={undo} /> : null}
        <View className="flex-row flex-wrap items-center gap-x-4 gap-y-2">
          <Body className="words font-semibold" numberOfLines={2}>
            {styleById(evening.style.id)?.name ?? 'No pot chosen yet'}
          </Body>
          <Button
            nativeID={GOES_ON_ID}
            look="main"
            className="ml-auto min-h-main sm:px-8"
            label="Go on: who eats"
            onPress={() => router.replace(`/evening/${evening.id}/who`)}
          />
        </View>
      </View>
    </>
  );
}
