import { shiftIso } from '@elixa/core';
import { router } from 'expo-router';
import { useCallback } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { useLiveLog } from '@/features/live/useLiveLog';
import { useNow } from '@/state/useNow';
import { Button } from '@/ui/Button';
import { Undo2 } from '@/ui/icons';
import { Instead, Section } from '@/ui/Page';
import { Body, Figure, Heading, Small } from '@/ui/Text';
import { clock, dayInSentence } from '@/ui/time';
import { useScreen } from '@/ui/useScreen';
import { CounterCheck } from './CounterCheck';
import { Hands } from './Hands';
import { LeftBeside } from './LeftBeside';
import { Lanes } from './Lanes';
import { NextTasks } from './NextTasks';
import { NowCard } from './NowCard';
import { PrepFiles } from './PrepFiles';
import { changed, handTasks, lastTicked, standing } from './prepWords';
import { Remedies } from './Remedies';
import { WaysOfPreparing } from './WaysOfPreparing';
import { WorkingAlone } from './WorkingAlone';

/** What to start when, so that everything is ready as people sit down. */
export function PrepScreen() {
  const { evening, plan, prep, before, failure } = useEvening();
  const log = useLiveLog(evening.id);
  const { record } = log;
  const tick = useCallback(
    (itemId: string, on: boolean) => record({ type: 'ticked', list: 'prep', itemId, on }),
    [record],
  );
  const begin = useCallback(
    (itemId: string, on: boolean) => record({ type: 'ticked', list: 'begun', itemId, on }),
    [record],
  );
  const now = useNow(log.state.status === 'waiting', 5000);
  const { wide } = useScreen();
  if (!plan) return <Faults />;
  if (failure) return <Instead title="The preparation could not be planned" says={failure} />;
  if (!prep) return <Instead title="Planning backwards" busy />;
  if (log.state.status !== 'waiting') return <LeftBeside prep={prep} log={log} onTick={tick} />;
  // A late preparation lights the burner so much later.
  const litAt = shiftIso(plan.simmer.litAt, prep.late);
  const [first] = handTasks(prep);
  const told = changed(before, prep);
  const main = (
    <View className="gap-8">
      <View className="gap-1" aria-live="polite">
        {first ? (
          <>
            <Heading level={2}>{Date.parse(first.startsAt) <= now ? 'It is time' : 'Start'}</Heading>
            <Figure size="large">{clock(first.startsAt)}</Figure>
            <Body className="text-soft">
              {dayInSentence(first.startsAt).replace(/^./, (letter) => letter.toUpperCase())}.{' '}
              {standing(prep, evening.sitDownAt, now)} {told}
            </Body>
          </>
        ) : (
          <>
            <Heading level={2}>Everything is prepared</Heading>
            <Body className="text-soft">Check the counter, then light the burner at {clock(litAt)}.</Body>
            <Button
              look="main"
              className="self-start"
              label="To the stove"
              onPress={() => router.push(`/evening/${evening.id}/stove`)}
            />
          </>
        )}
      </View>
      <Remedies />
      <NowCard prep={prep} now={now} begun={log.state.ticks.begun} onBegin={begin} onDone={(id) => tick(id, true)} />
      <WorkingAlone prep={prep} />
      <NextTasks prep={prep} now={now} begun={log.state.ticks.begun} litAt={litAt} onTick={tick} />
      {Object.keys(log.state.ticks.prep).length > 0 ? (
        <Button
          className="self-start"
          label="Undo the last tick"
          icon={<Undo2 size={20} color="rgb(var(--ink))" />}
          onPress={() => lastTicked(log.state.ticks.prep).forEach((id) => tick(id, false))}
        />
      ) : null}
    </View>
  );
  const beside = (
    <View className="gap-8">
      <CounterCheck />
      <Hands prep={prep} />
      <WaysOfPreparing />
      <PrepFiles prep={prep} litAt={litAt} />
    </View>
  );
  return (
    <>
      <Faults />
      {wide ? (
        <Section title="Against the clock">
          <Lanes prep={prep} now={now} />
          {prep.gap ? <Small>{prep.gap}</Small> : null}
          {prep.cutShort ? (
            <Small>There is so much to do that not every order was tried; a better one may exist.</Small>
          ) : null}
        </Section>
      ) : null}
      <View className={wide ? 'flex-row gap-12' : 'gap-8'}>
        <View className={wide ? 'min-w-0 flex-1' : ''}>{main}</View>
        <View className={wide ? 'w-96' : ''}>{beside}</View>
      </View>
    </>
  );
}
