import type { Evening } from '@elixa/contract';
import { droppedByStyle, STYLES } from '@elixa/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { Button } from '@/ui/Button';
import { useRadioKeys } from '@/ui/choiceKeys';
import { GOES_ON_ID } from '@/ui/focusKept';
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

/** Which pot it is tonight: the first thing of a new evening, and open to change later. */
export function ChooseScreen() {
  const { evening, edit, undo } = useEvening();
  const previews = usePreviews(evening);
  const [before, setBefore] = useState<Evening>();
  const choose = (styleId: string) => {
    if (styleId === evening.style.id) return;
    setBefore(evening);
    edit({ kind: 'styleChosen', styleId });
  };
  const keys = useRadioKeys(
    STYLES.map((style) => style.id),
    evening.style.id,
    choose,
  );
  return (
    <>
      <Section title="Which pot tonight?">
        <View role="radiogroup" aria-label="Which pot tonight?" className="gap-3">
          {STYLES.map((style) => (
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
      </Section>
      {before ? <Dropped before={before} after={evening} onUndo={undo} /> : null}
      <Faults />
      <Button
        nativeID={GOES_ON_ID}
        look="main"
        className="min-h-main self-start sm:px-8"
        label="Go on: who eats"
        onPress={() => router.replace(`/evening/${evening.id}/who`)}
      />
    </>
  );
}
