import { memo } from 'react';
import { movedWords, type Change, type Moved } from '@elixa/core';
import { View } from 'react-native';
import { Body } from '@/ui/Text';
import { lasting } from '@/ui/time';

/** A change of the time to eat that is worth telling. */
const TOLD_S = 30;

/** What is said in a whole sentence while it is still to be done. */
const SHORT: Partial<Record<Change['kind'], string>> = { boil: 'The boil', serve: 'The round' };

/** What is off by less than this and moves nothing is not worth a word, in s. */
const SMALL_S = 60;

/** What the last tap changed, in a sentence; nothing where that is small. */
export function changeWords(change: Change, readyAt: string): string | undefined {
  if (Math.abs(change.movesReadyS) < TOLD_S && Math.abs(change.lateS) < SMALL_S) return undefined;
  const what = SHORT[change.kind] ?? change.title;
  const when = `${lasting(change.lateS)} ${change.lateS > 0 ? 'late' : 'early'}`;
  const tapped = Math.abs(change.lateS) >= TOLD_S ? `${what}: ${when}.` : `${what}.`;
  if (Math.abs(change.movesReadyS) < TOLD_S) return `${tapped} Nothing else moves.`;
  return `${tapped} Ready ${lasting(change.movesReadyS)} ${change.movesReadyS > 0 ? 'later' : 'earlier'}, at ${readyAt}.`;
}

interface Props {
  change?: Change;
  readyAt: string;
  /** What was planned again since the last tap. */
  moved?: Moved;
  clockOf(atS: number): string;
}

/** What the last tap changed, and what was planned again because of it. */
export function ChangeLine({ change, readyAt, moved, clockOf }: Props) {
  const words = moved ? movedWords(moved, clockOf) : change ? changeWords(change, readyAt) : undefined;
  return <ChangeWords words={words} />;
}

const ChangeWords = memo(function ChangeWords({ words }: { words?: string }) {
  return (
    <View aria-live="polite">{words ? <Body className="mt-3 rounded-2xl bg-well px-4 py-3">{words}</Body> : null}</View>
  );
});
