import type { Evening, PotPlan } from '@elixa/contract';
import { type Catalogue, type LiveState, liveSteps, stepTaps } from '@elixa/core';
import { Redirect, router } from 'expo-router';
import { nowDate } from '@/state/clock';
import { useCatalogue } from '@/ui/catalogue';
import { Download, Repeat } from '@/ui/icons';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { cookAgain } from '@/features/evenings/makeEvening';
import { ThrowAway } from '@/features/evenings/ThrowAway';
import { PhotoPlace } from '@/features/photo/PhotoPlace';
import { eveningMade } from '@/state/drafts';
import { useLiveLog } from '@/features/live/useLiveLog';
import { useAppDispatch } from '@/state';
import { newId } from '@/state/newId';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Instead, Section } from '@/ui/Page';
import { Body, Figures, Heading, Small } from '@/ui/Text';
import { clock, day, lasting } from '@/ui/time';
import { OutOfThePantry } from './OutOfThePantry';
import { OwnTimes } from './OwnTimes';
import { saveAsFile } from '@/features/evening/saveAsFile';

/** How an evening went, and what to remember of it. */
export function AfterScreen() {
  const { evening } = useEvening();
  const log = useLiveLog(evening.id);
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const { started, finishedBy } = log.state;
  const plan = started?.plan;
  if (log.events.length === 0)
    return <Instead title="Not cooked yet" says="What happens at the stove is written down here." />;
  if (log.state.status !== 'finished' || !started) return <Redirect href={`/evening/${evening.id}/stove`} />;

  const keep = () => {
    if (text.trim() === '') return;
    log.record({ type: 'noted', text: text.trim().slice(0, 2000) });
    setText('');
  };
  return (
    <>
      {plan ? <InFigures evening={started.evening} plan={plan} state={log.state} /> : null}
      <Section title="The pot">
        <PhotoPlace evening={evening} />
      </Section>
      {plan ? <StepByStep plan={plan} state={log.state} /> : null}
      <Section title="Notes for next time">
        {log.state.notes.map((note) => (
          <View key={note.at + note.text} className="border-l-4 border-iron pl-4">
            <Body className="text-lg">{note.text}</Body>
            <Small>
              {day(note.at)} at {clock(note.at)}
            </Small>
          </View>
        ))}
        <View className="gap-3">
          <Field
            label="What was too salty, what was left over, what was forgotten"
            value={text}
            maxLength={2000}
            onChange={setText}
            onEnter={keep}
          />
          <Button className="self-start" label="Keep this note" disabled={text.trim() === ''} onPress={keep} />
        </View>
      </Section>
      {plan ? <OwnTimes cooked={started.evening} plan={plan} /> : null}
      {plan ? <OutOfThePantry plan={plan} evening={started.evening} log={log} /> : null}
      <View className="gap-3 sm:flex-row sm:flex-wrap">
        <Button
          look="main"
          label="Cook it again"
          icon={<Repeat size={22} color="rgb(var(--on-iron))" />}
          onPress={() => {
            const again = cookAgain(
              evening,
              newId(),
              nowDate(),
              log.state.notes.map((note) => note.text),
            );
            dispatch(eveningMade(again));
            router.push(`/evening/${again.id}/who`);
          }}
        />
        {finishedBy ? (
          <Button
            label="It is not over: back to the stove"
            className="min-h-main"
            onPress={() => log.record({ type: 'undone', target: finishedBy })}
          />
        ) : null}
        <Button
          label="Save as a file"
          className="min-h-main"
          icon={<Download size={22} color="rgb(var(--ink))" />}
          onPress={() => saveAsFile(evening)}
        />
      </View>
      <ThrowAway evening={evening} />
    </>
  );
}

const LATE_WORTH_S = 60;

function sitDownWords(lateS: number): string {
  if (Math.abs(lateS) < LATE_WORTH_S) return 'on time';
  return `${lasting(lateS)} ${lateS > 0 ? 'later' : 'earlier'} than planned`;
}

interface Outcome {
  plan: PotPlan;
  state: LiveState;
}

/** What was planned, and when each of it was done, in s from lighting the burner. */
function doneIn(catalogue: Catalogue, { plan, state }: Outcome) {
  const steps = liveSteps(catalogue, plan.simmer);
  return { steps, done: new Map(stepTaps(steps, state).map((tap) => [tap.step, tap.atS])) };
}

function InFigures({ evening, ...outcome }: Outcome & { evening: Evening }) {
  const catalogue = useCatalogue();
  const { startedAtMs, finishedAtMs } = outcome.state;
  if (startedAtMs === undefined) return null;
  const { steps, done } = doneIn(catalogue, outcome);
  const serve = steps.find((step) => step.kind === 'serve');
  const boil = steps.find((step) => step.kind === 'boil');
  const servedS = serve && done.get(serve.step);
  const boiledS = boil && done.get(boil.step);
  const servedMs = servedS === undefined ? undefined : startedAtMs + servedS * 1000;
  const lateS = servedMs === undefined ? 0 : (servedMs - Date.parse(evening.sitDownAt)) / 1000;
  return (
    <Figures
      items={[
        ...(servedMs === undefined ? [] : [{ value: clock(servedMs), says: `first served, ${sitDownWords(lateS)}` }]),
        ...(boiledS === undefined || !boil
          ? []
          : [{ value: lasting(boiledS), says: `to the boil, ${lasting(boil.atS)} planned` }]),
        ...fireFound(outcome.state),
        ...(finishedAtMs === undefined ? [] : [{ value: clock(finishedAtMs), says: 'finished' }]),
      ]}
    />
  );
}

/** What is known no better than this is not told, as a share of it. */
const KNOWN = 0.12;

/** How much of its fire the pot had, where the evening has shown that. */
export function fireFound({ kitchens }: Pick<LiveState, 'kitchens'>) {
  const main = kitchens?.find(({ potId }) => potId === 'main');
  const sd = Math.sqrt(main?.covariance[0]?.[0] ?? Infinity);
  if (!main || sd > KNOWN) return [];
  const percent = (share: number) => Math.round(share * 100);
  return [
    {
      value: `${percent(main.figures.useful)} %`,
      says: `of the usual fire, give or take ${percent(main.figures.useful * sd)}`,
    },
  ];
}

function StepByStep(outcome: Outcome) {
  const catalogue = useCatalogue();
  if (outcome.state.startedAtMs === undefined) return null;
  const { steps, done } = doneIn(catalogue, outcome);
  return (
    <>
      <Section title="Step by step">
        <View className="border-t border-line">
          {steps
            .filter((step) => step.kind !== 'light')
            .map((step) => {
              const at = done.get(step.step);
              const late = at === undefined ? undefined : at - step.atS;
              return (
                <View key={step.step} className="flex-row flex-wrap items-center gap-x-4 border-b border-line py-2">
                  <Body className="words">{step.title}</Body>
                  <Small
                    style={{ fontVariant: ['tabular-nums'] }}
                    className={late !== undefined && Math.abs(late) >= 120 ? 'text-ink' : ''}
                  >
                    {late === undefined
                      ? 'left out'
                      : Math.abs(late) < LATE_WORTH_S
                        ? 'on time'
                        : `${lasting(late)} ${late > 0 ? 'late' : 'early'}`}
                  </Small>
                </View>
              );
            })}
        </View>
      </Section>
      {outcome.state.notes.length === 0 ? (
        <Heading level={3}>Write down one thing while you still know it.</Heading>
      ) : null}
    </>
  );
}
