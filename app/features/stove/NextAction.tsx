import type { LiveView, NextStep } from '@elixa/core';
import type { ReactNode } from 'react';
import { Check } from '@/ui/icons';
import { Text, View } from 'react-native';
import { Button } from '@/ui/Button';
import { StepDetail } from '@/features/simmer/StepDetail';
import { GOES_ON_ID } from '@/ui/focusKept';
import { Body, Figure, Small } from '@/ui/Text';
import { countdown } from '@/ui/time';
import { useGuard } from '@/state/useGuard';
import { useScreen } from '@/ui/useScreen';

interface Props {
  view: LiveView;
  paused: boolean;
  onDone(): void;
  /** The sign is not there: it is asked for again in a minute. */
  onNotYet(): void;
  onFinish(): void;
  /** Shown beside the countdown. */
  beside?: ReactNode;
}

const BUTTON: Record<NextStep['kind'], string> = {
  light: 'It is lit',
  boil: 'It boils',
  melt: 'The pan shines',
  fry: 'It is brown',
  deglaze: 'It is loose',
  sear: 'They are out',
  pour: 'It is poured',
  cover: 'Lid on',
  uncover: 'Lid off',
  stir: 'Stirred',
  loosen: 'Loosened',
  baste: 'Spooned over',
  skim: 'Skimmed',
  season: 'Seasoned',
  enrich: 'It is in',
  lift: 'Lifted out',
  rest: 'It is off',
  swish: 'We have eaten',
  add: 'They are in',
  heatDown: 'Done',
  heatUp: 'Done',
  serve: 'It is on the table',
  off: 'It is off',
};

const SOON_S = 1;

/** The next thing to do, in words that can be read from a metre away, its countdown, and one big button. */
export function NextAction({ view, paused, onDone, onNotYet, onFinish, beside }: Props) {
  const next = view.next;
  const { short: low, narrow } = useScreen();
  // On its side a phone has the words beside the button; with very large letters there is no such room.
  const short = low && !narrow;
  // What is struck twice does not do the next thing too; a plan that is made anew counts its steps anew, and means the same.
  const meaning = next ? next.actions.map(({ id }) => id).join(' ') : 'end';
  const finish = useGuard(meaning, onFinish);
  const done = useGuard(meaning, onDone);
  if (!next) {
    return (
      <View className="gap-4">
        <Text role="heading" aria-level={2} className="font-display text-metre font-semibold text-ink">
          All done. Enjoy it.
        </Text>
        <Button
          look="main"
          className="min-h-[80px]"
          wordsClassName="text-2xl"
          label="Finish the evening"
          onPress={finish}
        />
      </View>
    );
  }
  const late = next.dueInS <= -SOON_S;
  const now = next.dueInS < SOON_S;
  const label = next.kind === 'add' && next.actions.length === 1 ? 'It is in' : BUTTON[next.kind];
  const words = (
    <View aria-live="polite" className={short ? 'min-w-0 flex-1' : ''}>
      <Small className="text-base font-semibold text-soft">
        {now ? 'Now' : next.kind === 'boil' ? 'Wait for' : 'Next'}
      </Small>
      <Text role="heading" aria-level={2} className="font-display text-metre font-semibold text-ink">
        {next.title}
      </Text>
      <View className="pt-1">
        <StepDetail step={next} large />
      </View>
    </View>
  );
  const isEating = next.kind === 'swish';
  const countdownAndPot = (
    <View className="flex-row flex-wrap items-center justify-between gap-3">
      {isEating ? null : (
        <View role="timer" aria-label={late ? `late by ${countdown(next.dueInS)}` : `in ${countdown(next.dueInS)}`}>
          <Figure running size="huge" className={now ? 'text-ember' : ''}>
            {now && !late ? '0:00' : countdown(next.dueInS)}
          </Figure>
          <Body className={late ? 'text-xl font-bold text-ember' : 'text-xl text-soft'}>
            {paused ? 'paused' : late ? 'late' : 'to go'}
          </Body>
        </View>
      )}
      {beside && !short ? <View className="min-w-[7.5rem] max-w-44 flex-1">{beside}</View> : null}
    </View>
  );
  const button = (
    <Button
      nativeID={GOES_ON_ID}
      look={now && !view.gate ? 'ember' : 'main'}
      className="min-h-[80px]"
      wordsClassName="text-2xl"
      label={view.gate && now ? `${label}?` : label}
      disabled={paused}
      icon={<Check size={28} color={now && !view.gate ? 'rgb(var(--on-ember))' : 'rgb(var(--on-iron))'} />}
      onPress={done}
    />
  );
  const notYet =
    now && !paused && next.kind !== 'light' && !isEating ? (
      <Button className="min-h-main" label="Not yet" onPress={onNotYet} />
    ) : null;
  if (short) {
    return (
      <View className="flex-row items-start gap-6">
        {words}
        <View className="w-[300px] gap-3">
          {button}
          {notYet}
          {countdownAndPot}
        </View>
      </View>
    );
  }
  return (
    <View className="gap-4">
      {words}
      {countdownAndPot}
      {button}
      {notYet}
    </View>
  );
}
