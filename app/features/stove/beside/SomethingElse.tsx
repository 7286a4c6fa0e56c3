import type { Evening, PotPlan } from '@elixa/contract';
import { besideFact, factsOf, type InPot, type LiveView, type Unasked } from '@elixa/core';
import { memo, useState } from 'react';
import { View } from 'react-native';
import type { Hob } from '@/features/devices/useHob';
import type { Probe } from '@/features/devices/useProbe';
import type { LiveLogAccess } from '@/features/live/useLiveLog';
import { newId } from '@/state/newId';
import { Button } from '@/ui/Button';
import { ChevronLeft, Flame, NotebookPen, Plus, RotateCcw, Ruler, Soup, Utensils } from '@/ui/icons';
import { Sheet } from '@/ui/Sheet';
import { Body, Heading } from '@/ui/Text';
import { LiftOut, PutBack } from './LiftOut';
import type { Named } from './named';
import { LidAndFire } from './LidAndFire';
import { Measured } from './Measured';
import { Note } from './Note';
import { Pour } from './Pour';
import { PutIn } from './PutIn';

type Page = 'putIn' | 'liftOut' | 'putBack' | 'pour' | 'fire' | 'measured' | 'note';

interface Choice {
  page: Page;
  label: string;
  Icon: typeof Plus;
}

const CHOICES: readonly Choice[] = [
  { page: 'putIn', label: 'Something else went in', Icon: Plus },
  { page: 'liftOut', label: 'Something came out', Icon: Utensils },
  { page: 'putBack', label: 'Something went back in', Icon: RotateCcw },
  { page: 'pour', label: 'Poured in, or ladled out', Icon: Soup },
  { page: 'fire', label: 'Lid, fire, spoon', Icon: Flame },
  { page: 'measured', label: 'Tasted or measured', Icon: Ruler },
  { page: 'note', label: 'A note for next time', Icon: NotebookPen },
];

interface Props {
  evening: Evening;
  plan: PotPlan;
  view: LiveView;
  log: LiveLogAccess;
  /** What was lifted out, by the ids of its pieces. */
  out: readonly Named[];
  onMend(): void;
  /** The devices of the kitchen; none at a simulated stove. */
  probe?: Probe;
  hob?: Hob;
  onClose(): void;
}

const named = (inPot: readonly InPot[]): Named[] => inPot.map(({ piece, name }) => ({ id: piece.id, name }));

/** Whatever was done or seen at the pot that nobody asked for: each is told in a tap or two, and taken back by itself. */
export function SomethingElse({ evening, plan, view, log, out, onMend, probe, hob, onClose }: Props) {
  const [page, setPage] = useState<Page>();
  const planId = log.state.started?.planId ?? '';
  const potId = view.next?.pan ?? 'main';
  const tell = (said: Unasked) => {
    const fact = besideFact(plan, { potId, round: view.round, id: newId() }, said);
    log.record({ type: 'happened', facts: [fact] });
    onClose();
  };
  const and =
    <Given extends unknown[]>(act: (...given: Given) => void) =>
    (...given: Given) => {
      act(...given);
      onClose();
    };
  const open = CHOICES.filter(
    (one) => !(one.page === 'liftOut' && view.inPot.length === 0) && !(one.page === 'putBack' && out.length === 0),
  );
  const chosen = CHOICES.find((one) => one.page === page);
  return (
    <Sheet title={chosen?.label ?? 'Something else happened'} open onClose={onClose}>
      {page ? (
        <Button
          look="quiet"
          left
          label="Something else"
          icon={<ChevronLeft size={20} color="rgb(var(--iron))" />}
          onPress={() => setPage(undefined)}
        />
      ) : (
        <>
          <OnTheCounter
            view={view}
            onPutIn={(actions) => {
              log.record({ type: 'happened', facts: factsOf({ actions }, plan, planId) });
              onClose();
            }}
          />
          <View className="gap-2">
            {open.map(({ page: to, label, Icon }) => (
              <Button
                key={to}
                left
                className="min-h-main"
                label={label}
                icon={<Icon size={22} color="rgb(var(--iron))" />}
                onPress={() => setPage(to)}
              />
            ))}
          </View>
        </>
      )}
      {page === 'putIn' ? <PutIn evening={evening} onTell={tell} /> : null}
      {page === 'liftOut' ? <LiftOut things={named(view.inPot)} onTell={tell} /> : null}
      {page === 'putBack' ? <PutBack things={out} onTell={tell} /> : null}
      {page === 'pour' ? <Pour evening={evening} plan={plan} onTell={tell} /> : null}
      {page === 'fire' ? <LidAndFire onTell={tell} onHob={hob && !hob.isOn ? and(hob.connect) : undefined} /> : null}
      {page === 'measured' ? (
        <Measured
          evening={evening}
          things={named(view.inPot)}
          onTell={tell}
          onProbe={probe && and(probe.putInto)}
          onMend={onMend}
        />
      ) : null}
      {page === 'note' ? (
        <Note
          onNote={(text) => {
            log.record({ type: 'noted', text });
            onClose();
          }}
        />
      ) : null}
    </Sheet>
  );
}

/** More than these cannot be taken in at a glance; what goes in next stands first. */
const SHOWN = 8;

/** What is still to go in by the plan: the first of what may have gone in already. */
const OnTheCounter = memo(function OnTheCounter({
  view,
  onPutIn,
}: {
  view: LiveView;
  onPutIn(actions: LiveView['coming'][number]['actions']): void;
}) {
  const steps = [view.next, ...view.coming].flatMap((one) => (one ? [one] : []));
  const adds = steps.filter(({ kind, round }) => kind === 'add' && round === view.round);
  if (adds.length === 0) return null;
  return (
    <View className="gap-2">
      <Heading level={3}>Put in now</Heading>
      <Body className="text-soft">Still on the counter for this round.</Body>
      <View className="gap-2">
        {adds.slice(0, SHOWN).map(({ step, title, actions }) => (
          <Button key={step} left className="min-h-main" label={title} onPress={() => onPutIn(actions)} />
        ))}
      </View>
    </View>
  );
});
