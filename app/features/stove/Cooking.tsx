import type { Evening, Fact, PotPlan } from '@elixa/contract';
import {
  besideFact,
  boilAwaited,
  cutKey,
  fireTold,
  factsOf,
  harmBeside,
  movedWords,
  notYetOf,
  outOfPots,
  roundName,
  saucesOf,
  speakerOf,
  toldLines,
  watchNow,
  withExtras,
  type LiveView,
  type Look,
  type Moved,
} from '@elixa/core';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { nowMs as wallMs } from '@/state/clock';
import { newId } from '@/state/newId';
import { useCatalogue } from '@/ui/catalogue';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Heading, Small } from '@/ui/Text';
import { clock, lasting } from '@/ui/time';
import { DeviceLines } from '@/features/devices/DeviceLines';
import { useHob } from '@/features/devices/useHob';
import { useProbe } from '@/features/devices/useProbe';
import { useSame } from '@/ui/useSame';
import { useScreen } from '@/ui/useScreen';
import { SomethingElse } from './beside/SomethingElse';
import { boilSaid } from './BoilLine';
import { ChangeLine } from './ChangeLine';
import { OpenAllergens } from './OpenAllergens';
import { ComingList, comingRows, InPotList } from './InPotList';
import { lastTap, LiveControls } from './LiveControls';
import { marksOf } from './marksOf';
import { MendSheet } from './MendSheet';
import { NextAction } from './NextAction';
import { RescueAction } from './RescueAction';
import { SwishTimers } from './SwishTimers';
import { ToldList } from './ToldList';
import { useAlerts } from './useAlerts';
import { useEars } from './ears/useEars';
import { WallMode } from './WallMode';
import { WatchLine, watchShown } from './WatchLine';
import type { LiveLogAccess } from '@/features/live/useLiveLog';

interface Props {
  evening: Evening;
  plan: PotPlan;
  view: LiveView;
  /** What moved when the pot was last planned again, until something more is done. */
  moved?: Moved;
  /** The pots as they were last looked at. */
  look?: Look;
  log: LiveLogAccess;
  /** On a simulated stove: by its clock, without bell and voice where that is too fast, and without the clocks of guests. */
  rehearsal?: { nowMs(): number; isQuiet: boolean };
}

/** The pot on the fire: what to do next, what is in it, and how it stands with the time. */
export function Cooking({ evening, plan, view, moved, look, log, rehearsal }: Props) {
  const catalogue = useCatalogue();
  const { wide, vast } = useScreen();
  const [asking, setAsking] = useState(false);
  const [tasting, setTasting] = useState(false);
  const [telling, setTelling] = useState(false);
  const [onWall, setOnWall] = useState(false);
  const running = log.state.status === 'running';
  const { record } = log;
  const nowMs = rehearsal?.nowMs ?? wallMs;
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
  const marked = useSame(marksOf(view.inPot));
  const marks = useMemo(() => new Map(marked), [marked]);
  const coming = useSame(
    (view.next?.actions ?? []).flatMap((one) =>
      one.pieceId && one.kind !== 'swish' ? [cutKey(one.ingredientId ?? '', one.cut ?? '')] : [],
    ),
  );
  const comingNext = useMemo(() => new Set(coming), [coming]);
  const change = useSame(view.change);
  const after = useSame(comingRows(view.coming));
  const openTelling = useCallback(() => setTelling(true), []);
  const hang = useCallback(() => setOnWall(true), []);

  const planId = log.state.started?.planId ?? '';
  const done = (checkedThrough?: boolean) => {
    if (view.next) {
      const facts = withExtras(factsOf(view.next, plan, planId), log.state);
      log.record({ type: 'happened', facts, checkedThrough });
    }
    setAsking(false);
  };
  // What was found of the kitchen is kept with the evening.
  const finish = () => record({ type: 'finished', ...(look?.kitchens.length ? { kitchens: look.kitchens } : {}) });
  const notYet = () => {
    if (view.next) log.record({ type: 'happened', facts: notYetOf(view.next, plan, planId) });
  };
  const rescue = (isOut: boolean) => {
    if (!view.rescue) return;
    const { pan: potId, round, pieceIds } = view.rescue;
    const at = { potId, round, id: newId() };
    const facts = isOut
      ? [besideFact(plan, at, { is: 'liftedOut', pieceIds })]
      : pieceIds.map((pieceId) => besideFact(plan, at, { is: 'saw', saw: { is: 'notYet', pieceId } }));
    log.record({ type: 'happened', facts });
  };
  const { name, of } = roundName(plan, view.round);
  const where = of ? `${name} of ${of}` : name;
  const readyAt = clock(nowMs() + view.readyInS * 1000);

  const clockOf = (atS: number) => clock(nowMs() + (atS - view.clockS) * 1000);
  const isHeard = running && !rehearsal?.isQuiet;
  const takeBack = () => {
    const last = lastTap(log.state);
    if (last) record({ type: 'undone', target: last.eventId });
  };
  const line = view.next?.kind === 'boil' ? view.next.actions[0]?.id : undefined;
  const awaited = line && running ? boilAwaited(log.state, look, line, view.clockS) : undefined;
  const boil = useSame(awaited && boilSaid(awaited));
  const watch = watchNow({ catalogue, state: log.state, view, look, awaited });
  const askedAtMs = useAlerts(view, isHeard, { moved: moved && movedWords(moved, clockOf), watch });
  const tell = useCallback((fact: Fact) => record({ type: 'happened', facts: [fact] }), [record]);
  const probe = useProbe(evening.id, tell);
  const hob = useHob(fireTold(log.state), tell);
  const watched = () => {
    if (watch?.answer) tell(watch.answer.fact);
  };
  const ears = useSame(
    useEars(isHeard, {
      view,
      watch,
      onWatched: watched,
      askedAtMs,
      onDone: () => (view.rescue ? rescue(true) : done()),
      onNotYet: () => (view.rescue ? rescue(false) : notYet()),
      onTakeBack: takeBack,
    }),
  );
  const sooner = view.next?.kind === 'add' && view.next.dueInS > 0 ? look?.sooner : undefined;
  const soonerS = sooner?.plan.simmer.readyAtS[view.round - 1];
  const soonerAt = soonerS === undefined ? undefined : clockOf(soonerS);
  // What was told changes with a tap and not with the clock.
  const said = useMemo(() => {
    const { pieceName } = speakerOf(catalogue, log.state);
    return {
      lines: toldLines(catalogue, log.state),
      harm: harmBeside(catalogue, log.state).map((one) => `${one.name} ${one.why}: ${one.foodName} went in.`),
      out: [...outOfPots(log.state)].map((id) => ({ id, name: pieceName(id) })),
    };
  }, [catalogue, log.state]);
  const told = useSame(
    // Who takes back the lighting takes back the evening: that is asked elsewhere.
    said.lines.map(({ eventId, text, atS }, at) => ({ eventId, text, at: clockOf(atS), isKept: at === 0 })).reverse(),
  );
  const undo = useCallback((eventId: string) => record({ type: 'undone', target: eventId }), [record]);

  const pot = (
    <PotFromAbove
      vessel={evening.vessel}
      build={build}
      inPot={inPot}
      comingNext={comingNext}
      marks={marks}
      simmering={running && view.boiled}
      dry={!view.poured}
      {...saucesOf(plan)}
    />
  );
  const action = (beside?: ReactNode) =>
    view.rescue ? (
      <RescueAction rescue={view.rescue} beside={beside} onOut={() => rescue(true)} onLeave={() => rescue(false)} />
    ) : (
      <NextAction
        view={view}
        paused={!running}
        beside={beside}
        onDone={() => (view.gate ? setAsking(true) : done())}
        onNotYet={notYet}
        onFinish={finish}
        boil={boil}
        sooner={soonerAt && `It boils already: go on now, ready at ${soonerAt}`}
        onSooner={() => sooner && log.adoptAgain(sooner.plan)}
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
        <OpenAllergens cautions={plan.cautions} beside={said.harm} />
        {log.state.status === 'paused' ? (
          <View role="status" className="rounded-2xl bg-well p-4">
            <Heading level={3}>Paused</Heading>
            <Small>The clock stands still. Turn the burner off meanwhile; this time does not count as cooking.</Small>
          </View>
        ) : null}
        {view.fireOff && running ? (
          <View role="status" className="flex-row flex-wrap items-center gap-3 rounded-2xl bg-well p-4">
            <Body className="words text-lg font-semibold">The fire is off: nothing cooks on.</Body>
            <Button
              className="min-h-main"
              label="It is on again"
              onPress={() => {
                const fact = besideFact(
                  plan,
                  { potId: 'main', round: view.round, id: newId() },
                  { is: 'fire', fire: view.boiled ? 'simmer' : 'full' },
                );
                log.record({ type: 'happened', facts: [fact] });
              }}
            />
          </View>
        ) : null}
        {onWall ? null : action(wide || view.next?.kind === 'swish' ? undefined : pot)}
        <SwishTimers evening={evening} plan={plan} open={view.served && !isFinish && !rehearsal} />
        <View>
          <WatchLine {...watchShown(watch)} onAnswer={watched} />
          <ChangeLine change={change} readyAt={readyAt} moved={moved} clockOf={clockOf} />
        </View>
        {standing}
        <DeviceLines probe={probe} hob={hob} />
        <LiveControls log={log} ears={ears} onFinish={finish} onSomethingElse={openTelling} onWall={hang} />
        {wide ? null : <InPotList inPot={view.inPot} />}
        {vast ? null : <ComingList coming={after} />}
        {wide ? null : <ToldList told={told} onUndo={undo} />}
      </View>
      {wide ? (
        <View className="flex-1 gap-6">
          {pot}
          <InPotList inPot={view.inPot} />
          {vast ? null : <ToldList told={told} onUndo={undo} />}
        </View>
      ) : null}
      {vast ? (
        <View className="flex-1 gap-6">
          <ComingList coming={after} />
          <ToldList told={told} onUndo={undo} />
        </View>
      ) : null}
      {onWall ? <WallMode onClose={() => setOnWall(false)}>{action()}</WallMode> : null}
      {telling ? (
        <SomethingElse
          evening={evening}
          plan={plan}
          view={view}
          log={log}
          out={said.out}
          {...(rehearsal ? {} : { probe, hob })}
          onMend={() => {
            setTelling(false);
            setTasting(true);
          }}
          onClose={() => setTelling(false)}
        />
      ) : null}
      {tasting ? (
        <MendSheet
          open
          evening={evening}
          plan={plan}
          foodMl={inPot.size > 0 ? plan.build.solidsMl / plan.build.rounds.length : 0}
          onClose={() => setTasting(false)}
          onDone={(text, mended) => {
            log.record({ type: 'noted', text });
            const facts = mended.map((one) => besideFact(plan, { potId: 'main', round: view.round, id: newId() }, one));
            if (facts.length > 0) log.record({ type: 'happened', facts });
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
