import type { Edit, Evening } from '@elixa/contract';
import { whatIfs, type Difference } from '@elixa/core';
import { useEffect, useRef } from 'react';
import { ActivityIndicator, View } from 'react-native';
import { Button } from '@/ui/Button';
import { CircleAlert, TriangleAlert } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Heading, Small } from '@/ui/Text';
import type { WhatIfState } from './useWhatIf';

/** What may be asked of the whole pot. */
export function WhatIfOffers({ evening, ask }: { evening: Evening; ask: WhatIfState['ask'] }) {
  return (
    <Section title="What if">
      <View className="flex-row flex-wrap gap-2">
        {whatIfs(evening).map(({ id, label, edits }) => (
          <Button key={id} label={label} onPress={() => ask({ label, edits })} />
        ))}
      </View>
      <Small>Tried out in this pot, nothing is changed before you keep it. Touch a thing above for more.</Small>
    </Section>
  );
}

const MOST = 8;

function DifferenceRow({ kind, text }: Difference) {
  const color = 'rgb(var(--ember))';
  return (
    <View role="listitem" className="flex-row items-start gap-3">
      <View className="w-6 items-center pt-0.5" aria-hidden>
        {kind === 'raw' ? <CircleAlert size={20} color={color} /> : null}
        {kind === 'past' ? <TriangleAlert size={20} color={color} /> : null}
        {kind !== 'raw' && kind !== 'past' ? <Body>·</Body> : null}
      </View>
      <Body className={`words ${kind === 'raw' ? 'font-semibold' : ''}`}>{text}</Body>
    </View>
  );
}

/** What is tried out, what it does to all the rest, and whether it stays. */
export function WhatIfPanel({ whatIf, edit }: { whatIf: WhatIfState; edit(...edits: Edit[]): void }) {
  const { wondered, differences, fault, isFound, gone, leave } = whatIf;
  const panel = useRef<View>(null);
  const isAskedAfar = wondered !== undefined && !wondered.inHand;
  useEffect(() => {
    // On the web a view is its element.
    if (isAskedAfar) (panel.current as unknown as Element | null)?.scrollIntoView?.({ block: 'nearest' });
  }, [isAskedAfar, isFound]);
  if (!wondered) return null;
  const isRaw = differences?.some((one) => one.kind === 'raw') === true;
  const canKeep = isFound && !fault && !isRaw;
  const shown = (differences ?? []).slice(0, MOST);
  return (
    <View ref={panel} role="region" aria-label="What if" className="gap-3 rounded-2xl border border-iron bg-sheet p-4">
      <View className="flex-row items-center justify-between gap-3">
        <Heading level={3} className="words">
          {wondered.label}
        </Heading>
        {isFound ? null : <ActivityIndicator color="rgb(var(--iron))" aria-label="Working it out" />}
      </View>
      {isFound || gone === 0 ? null : (
        <Small>
          {gone} {gone === 1 ? 'plan' : 'plans'} of this pot gone through
        </Small>
      )}
      <View role="list" className="gap-1.5" aria-live="polite">
        {fault ? <Body>{fault}</Body> : null}
        {isFound && !fault && shown.length === 0 ? <Body>Nothing that you would notice.</Body> : null}
        {fault ? null : shown.map((one) => <DifferenceRow key={one.text} {...one} />)}
        {(differences?.length ?? 0) > MOST ? <Small>and {differences!.length - MOST} more</Small> : null}
      </View>
      {isRaw ? <Small>What would not be cooked through cannot be kept.</Small> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Keep it"
          look="main"
          disabled={!canKeep}
          onPress={() => {
            edit(...wondered.edits);
            leave();
          }}
        />
        <Button label={isFound ? 'Put it back' : 'Stop'} onPress={leave} />
      </View>
    </View>
  );
}
