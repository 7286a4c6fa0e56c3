import type { LiveView, NextStep } from '@elixa/core';
import { useContext, type ReactNode } from 'react';
import { Check } from '@/ui/icons';
import { Text, View } from 'react-native';
import { Button } from '@/ui/Button';
import { StepDetail } from '@/features/simmer/StepDetail';
import { GOES_ON_ID } from '@/ui/focusKept';
import { countdown } from '@/ui/time';
import { useGuard } from '@/state/useGuard';
import { BigAction, OnWall, useBigButton, type CountdownShown } from './BigAction';
import { BoilLine, type BoilSaid } from './BoilLine';

interface Props {
  view: LiveView;
  paused: boolean;
  onDone(): void;
  /** The sign is not there: it is asked for again in a minute. */
  onNotYet(): void;
  onFinish(): void;
  /** The boil that is waited for, by the pot as it is. */
  boil?: BoilSaid | undefined;
  /** The pot boils already: what going on at once would bring, and doing it. */
  sooner?: string | undefined;
  onSooner?(): void;
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
export function NextAction({ view, paused, onDone, onNotYet, onFinish, boil, sooner, onSooner, beside }: Props) {
  const next = view.next;
  const big = useBigButton();
  const onWall = useContext(OnWall);
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
        <Button look="main" {...big} label="Finish the evening" onPress={finish} />
      </View>
    );
  }
  const late = next.dueInS <= -SOON_S;
  const now = next.dueInS < SOON_S;
  const label = next.kind === 'add' && next.actions.length === 1 ? 'It is in' : BUTTON[next.kind];
  const isEating = next.kind === 'swish';
  const shown: CountdownShown = {
    figure: now && !late ? '0:00' : countdown(next.dueInS),
    says: late ? `late by ${countdown(next.dueInS)}` : `in ${countdown(next.dueInS)}`,
    word: paused ? 'paused' : late ? 'late' : 'to go',
    isNow: now,
    isLate: late,
  };
  return (
    <BigAction
      eyebrow={now ? 'Now' : next.kind === 'boil' ? 'Wait for' : 'Next'}
      title={next.title}
      detail={<StepDetail step={next} large={onWall ? 'wall' : true} />}
      countdown={isEating ? undefined : shown}
      beside={beside}
      button={
        <Button
          nativeID={GOES_ON_ID}
          look={now && !view.gate ? 'ember' : 'main'}
          {...big}
          label={view.gate && now ? `${label}?` : label}
          disabled={paused}
          icon={<Check size={28} color={now && !view.gate ? 'rgb(var(--on-ember))' : 'rgb(var(--on-iron))'} />}
          onPress={done}
        />
      }
      others={
        <>
          {now && !paused && next.kind !== 'light' && !isEating ? (
            <Button className="min-h-main" label="Not yet" onPress={onNotYet} />
          ) : null}
          {boil ? <BoilLine {...boil} /> : null}
          {sooner && !paused ? <Button className="min-h-main" label={sooner} onPress={onSooner} /> : null}
        </>
      }
    />
  );
}
