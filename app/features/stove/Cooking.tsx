import type { Evening, PotPlan } from '@elixa/contract';
import { cutKey, factsOf, notYetOf, roundName, saucesOf, type LiveView, type Moved } from '@elixa/core';
import { useCallback, useMemo, useState } from 'react';
import { View } from 'react-native';
import { nowMs } from '@/state/clock';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Heading, Small } from '@/ui/Text';
import { clock, lasting } from '@/ui/time';
import { useSame } from '@/ui/useSame';
import { useScreen } from '@/ui/useScreen';
import { ChangeLine } from './ChangeLine';
import { OpenAllergens } from './OpenAllergens';
import { ComingList, comingRows, InPotList } from './InPotList';
import { LiveControls } from './LiveControls';
import { MendSheet } from './MendSheet';
import { NextAction } from './NextAction';
import { SwishTimers } from './SwishTimers';
import { useAlerts } from './useAlerts';
import type { LiveLogAccess } from '@/features/live/useLiveLog';

interface Props {
  evening: Evening;
  plan: PotPlan;
  view: LiveView;
  /** What moved when the pot was last planned again, until something more is done. */
  moved?: Moved;
  log: LiveLogAccess;
}

/** The pot on the fire: what to do next, what is in it, and how it stands with the time. */
export function Cooking({ evening, plan, view, moved, log }: Props) {
  const { wide } = useScreen();
  const [asking, setAsking] = useState(false);
  const [tasting, setTasting] = useState(false);
  const running = log.state.status === 'running';
  useAlerts(view.next, running);
  const rounds = plan.simmer.readyAtS.length;
  const isFinish =
    (view.next?.kind === 'add' && view.next.round > rounds) || view.inPot.some((one) => one.piece.round > rounds);
  const build = useMemo(
    () => (isFinish ? { ...plan.build, placements: plan.build.finishPlacements, stacks: undefined } : plan.build),
    [isFinish, plan.build],
  );
  const cooking = useSame(
    view.inPot.filter((one) => one.piece.pan === 'main').map((one) => cutKey(one.piece.ingredientId, one.piece.cut)),
  );
  // A pot that is carried to the table whole has everything in it until the finish goes in.
  const isAtTable = rounds === 1 && cooking.length === 0 && view.served && !isFinish;
  const inPot = useMemo(
    () => new Set(isAtTable ? build.placements.map((one) => cutKey(one.ingredientId, one.cut)) : cooking),
    [isAtTable, build, cooking],
  );
  const coming = useSame(
    (view.next?.actions ?? []).flatMap((one) =>
      one.pieceId && one.kind !== 'swish' ? [cutKey(one.ingredientId ?? '', one.cut ?? '')] : [],
    ),
  );
  const comingNext = useMemo(() => new Set(coming), [coming]);
  const change = useSame(view.change);
  const after = useSame(comingRows(view.coming));
  const taste = useCallback(() => setTasting(true), []);

  const planId = log.state.started?.planId ?? '';
  const done = (checkedThrough?: boolean) => {
    if (view.next) log.record({ type: 'happened', facts: factsOf(view.next, plan, planId), checkedThrough });
    setAsking(false);
  };
  const { name, of } = roundName(plan, view.round);
  const where = of ? `${name} of ${of}` : name;
  const readyAt = clock(nowMs() + view.readyInS * 1000);

  const clockOf = (atS: number) => clock(nowMs() + (atS - view.clockS) * 1000);

  const pot = (
    <PotFromAbove
      vessel={evening.vessel}
      build={build}
      inPot={inPot}
      comingNext={comingNext}
      simmering={running && view.boiled}
      dry={!view.poured}
      {...saucesOf(plan)}
    />
  );
  const standing = view.next ? (
    <Body className="text-soft">
      {where} ready at <Body className="font-bold">{readyAt}</Body> · step {view.doneSteps + 1} of {view.totalSteps}
    </Body>
  ) : null;

  return (
    <View className={wide ? 'flex-row gap-12' : 'gap-5'}>
      <View className={wide ? 'flex-1 gap-5' : 'gap-4'}>
        <OpenAllergens cautions={plan.cautions} />
        {log.state.status === 'paused' ? (
          <View role="status" className="rounded-2xl bg-well p-4">
            <Heading level={3}>Paused</Heading>
            <Small>The clock stands still. Turn the burner off meanwhile; this time does not count as cooking.</Small>
          </View>
        ) : null}
        <NextAction
          view={view}
          paused={!running}
          beside={wide || view.next?.kind === 'swish' ? undefined : pot}
          onDone={() => (view.gate ? setAsking(true) : done())}
          onNotYet={() => {
            if (view.next) log.record({ type: 'happened', facts: notYetOf(view.next, plan, planId) });
          }}
          onFinish={() => log.record({ type: 'finished' })}
        />
        <SwishTimers evening={evening} plan={plan} open={view.served && !isFinish} />
        <ChangeLine change={change} readyAt={readyAt} moved={moved} clockOf={clockOf} />
        {standing}
        <LiveControls log={log} onTaste={taste} />
        {wide ? null : <InPotList inPot={view.inPot} />}
        <ComingList coming={after} />
      </View>
      {wide ? (
        <View className="flex-1 gap-6">
          {pot}
          <InPotList inPot={view.inPot} />
        </View>
      ) : null}
      {tasting ? (
        <MendSheet
          open
          evening={evening}
          plan={plan}
          foodMl={inPot.size > 0 ? plan.build.solidsMl / plan.build.rounds.length : 0}
          onClose={() => setTasting(false)}
          onDone={(text) => {
            log.record({ type: 'noted', text });
            setTasting(false);
          }}
        />
      ) : null}
      <Sheet title="Not yet" open={asking && view.gate !== undefined} onClose={() => setAsking(false)}>
        <Body className="text-lg">
          {view.gate?.names.join(' and ')}: {lasting(view.gate?.waitS ?? 0)} more by the clock.
        </Body>
        <Body>Before it is served, the thickest piece has to be cooked through. Measure one.</Body>
        {view.gate?.signs.map((sign) => (
          <Small key={sign}>{sign}</Small>
        ))}
        <Button look="main" label="Leave it in" onPress={() => setAsking(false)} />
        <Button label="I measured it: it is cooked through" onPress={() => done(true)} />
      </Sheet>
    </View>
  );
}
