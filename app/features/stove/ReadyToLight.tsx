import { useState } from 'react';
import type { Evening, PotPlan } from '@elixa/contract';
import { counterList, liveSteps, saucesOf } from '@elixa/core';
import { useCatalogue } from '@/ui/catalogue';
import { Flame } from '@/ui/icons';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { EachPot } from '@/features/evening/EachPot';
import { Refused, refusedOf } from '@/features/evening/Refused';
import { CounterCheck } from '@/features/prep/CounterCheck';
import { Cautions } from '@/features/evening/Cautions';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { StepDetail } from '@/features/simmer/StepDetail';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { Body, Figure, Heading, Small } from '@/ui/Text';
import { clock, day, lasting } from '@/ui/time';
import { useGuard } from '@/state/useGuard';
import { useOnceReady } from '@/ui/useOnceReady';
import { useScreen } from '@/ui/useScreen';
import { OpenAllergens } from './OpenAllergens';
import { useNow } from '@/state/useNow';

interface Props {
  evening: Evening;
  plan: PotPlan;
  /** What was ticked as standing there. */
  onCounter: Readonly<Record<string, number>>;
  /** What stands there because its preparation is done. */
  prepared: ReadonlySet<string>;
  /** It is still gone through: nobody lights a burner by the plan of the table. */
  pending: boolean;
  onStart(): void;
}

const NEAR_S = 45;
/** More names than this hide the button; the counter below has them all. */
const MOST_NAMES = 8;

/** The dot stays with the name before it where a line ends. */
const DOT = '\u00a0· ';

const named = (names: readonly string[]) =>
  names.length <= MOST_NAMES
    ? names.join(DOT)
    : [...names.slice(0, MOST_NAMES - 1), `${names.length - MOST_NAMES + 1} more`].join(DOT);

function whenWords(litInS: number, readyMs: number): string {
  if (litInS > NEAR_S) return `In ${lasting(litInS)}. Lit now, the first round is ready at ${clock(readyMs)}.`;
  if (litInS >= -NEAR_S) return 'That is now.';
  return `That was ${lasting(litInS)} ago. Lit now, the first round is ready at ${clock(readyMs)}.`;
}

/** A burner that is lit so long before its time is asked about once, in s. */
const FAR_S = 60 * 60;

/** Just before the burner is lit: when, and what must stand beside it. */
export function ReadyToLight({ evening, plan, onCounter, prepared, pending, onStart }: Props) {
  const catalogue = useCatalogue();
  const now = useNow(true);
  const { wide } = useScreen();
  const start = useOnceReady(!pending, onStart);
  const [isSure, setSure] = useState(false);
  const { simmer, build } = plan;
  const litInS = (Date.parse(simmer.litAt) - now) / 1000;
  const readyMs = now + (simmer.readyAtS[0] ?? 0) * 1000;
  const first = liveSteps(catalogue, simmer)[0];
  const counter = counterList(catalogue, plan);
  const forgotten = counter.filter((item) => onCounter[item.id] === undefined && !prepared.has(item.id));
  const isRefused = refusedOf(plan).length > 0;
  // Nobody lights a pot hours before it is wanted without being asked once.
  const isAsking = litInS > FAR_S && !isSure;
  const light = useGuard(isAsking ? 'ask' : 'light', () => (isAsking ? setSure(true) : start.ask()), false);
  const label = isRefused ? 'Light it all the same' : isSure && litInS > FAR_S ? 'Yes, light it now' : 'Light it now';
  // What a guest must not have stands in a box of its own.
  const open = plan.conflicts.filter((one) => !one.resolvedBy && (one.weight === 'diet' || one.weight === 'care'));
  return (
    <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
      <View className="flex-1 gap-4">
        <View>
          <Heading level={2}>Light the burner at</Heading>
          <Figure size="huge">{clock(simmer.litAt)}</Figure>
          <Body className="text-soft">
            {day(simmer.litAt)}. {whenWords(litInS, readyMs)}
          </Body>
        </View>
        <Refused plan={plan} />
        <EachPot plan={plan} />
        <OpenAllergens cautions={plan.cautions} beside={[]} />
        {open.length > 0 ? (
          <View className="rounded-2xl border border-ember bg-sheet p-4">
            <Body className="font-semibold">
              {open.length === 1 ? 'One thing is' : `${open.length} things are`} not settled for{' '}
              {[...new Set(open.map((one) => one.diner))].join(', ')}
            </Body>
            <Small>See Who before you light it.</Small>
          </View>
        ) : null}
        {forgotten.length > 0 ? (
          <View
            role="region"
            aria-label="Not on the counter yet"
            className="rounded-2xl border border-ember bg-sheet p-4"
          >
            <Body className="font-semibold">Not on the counter yet</Body>
            <Body>{named(forgotten.map((item) => item.name))}</Body>
          </View>
        ) : null}
        {first ? (
          <View className="gap-1">
            <Body className="text-lg">{first.title}</Body>
            <StepDetail step={first} />
          </View>
        ) : null}
        <Button
          look={isRefused ? 'plain' : 'main'}
          label={label}
          icon={<Flame size={24} color={isRefused ? 'rgb(var(--ink))' : 'rgb(var(--on-iron))'} />}
          className="min-h-[72px]"
          wordsClassName="text-2xl"
          onPress={light}
        />
        {isSure && litInS > FAR_S ? (
          <Body role="status">
            It is planned for {clock(simmer.litAt)}. Lit now, everything is ready {lasting(litInS)} before people sit
            down.
          </Body>
        ) : null}
        {start.isAsked ? (
          <Small role="status">It is lit as soon as the times of this pot are worked out, in a moment.</Small>
        ) : null}
        <Link href={`/evening/${evening.id}/rehearse`} asChild>
          <Button look="quiet" label="Rehearse it first, on a simulated stove" />
        </Link>
        <View className="mx-auto w-full max-w-md">
          <PotFromAbove vessel={evening.vessel} build={build} {...saucesOf(plan)} />
        </View>
      </View>
      <View className={classes('gap-8', wide ? 'w-80' : '')}>
        <CounterCheck />
        <Cautions />
      </View>
    </View>
  );
}
