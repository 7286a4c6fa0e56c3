import { memo } from 'react';
import type { Evening, PotPlan, SimmerPiece } from '@elixa/contract';
import { heldSeconds, heldWords, shortName } from '@elixa/core';
import { View } from 'react-native';
import { nowMs } from '@/state/clock';
import { useAppDispatch, useAppSelector } from '@/state';
import { timerStarted, timerStopped } from '@/state/timers';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { Body, Small } from '@/ui/Text';
import { useNow } from '@/state/useNow';

interface Props {
  evening: Evening;
  plan: PotPlan;
  /** The pot stands on the table and simmers. */
  open: boolean;
}

/** Slices that each guest holds in the broth: their seconds, their sign, and a clock for each guest that starts at a tap. */
export const SwishTimers = memo(function SwishTimers({ evening, plan, open }: Props) {
  const slices = plan.simmer.pieces.filter((piece) => piece.way === 'swished');
  if (!open || slices.length === 0) return null;
  return (
    <Section title="Hold a slice in the broth">
      {slices.map((piece) => (
        <Slice key={piece.id} piece={piece} evening={evening} />
      ))}
    </Section>
  );
});

/** Who holds such a slice, each for how long; a plan of before does not say, and has everybody hold it alike. */
const holders = ({ diners }: Evening, piece: SimmerPiece) =>
  piece.heldBy ?? diners.map(({ name }) => ({ diner: name, seconds: heldSeconds(piece) }));

function Slice({ piece, evening }: { piece: SimmerPiece; evening: Evening }) {
  const catalogue = useCatalogue();
  const name = shortName(catalogue.byId(piece.ingredientId), piece.cut);
  return (
    <View className="gap-3 border-t border-line pt-3">
      <View className="flex-row items-center gap-3">
        <PieceSwatch ingredientId={piece.ingredientId} cut={piece.cut} />
        <View className="min-w-0 flex-1">
          <Body className="text-lg font-semibold">
            {name}: {heldWords(piece).replace('for ', '')}
          </Body>
          <Small>Done: {piece.sign}. Its own chopsticks for raw slices, never let it go.</Small>
        </View>
      </View>
      <View className="flex-row flex-wrap gap-2">
        {holders(evening, piece).map(({ diner, seconds }) => (
          <GuestTimer key={diner} guest={diner} seconds={seconds} piece={piece} name={name} eveningId={evening.id} />
        ))}
      </View>
    </View>
  );
}

interface GuestProps {
  guest: string;
  seconds: number;
  piece: SimmerPiece;
  name: string;
  eveningId: string;
}

/** One guest's slice: a tap starts it, another takes it out; any guest may, and several run at once. */
function GuestTimer({ guest, seconds, piece, name, eveningId }: GuestProps) {
  const dispatch = useAppDispatch();
  const id = `${eveningId}/${piece.id}/${guest}`;
  const timer = useAppSelector((state) => state.timers[id]);
  const now = useNow(timer !== undefined);
  const leftS = timer ? Math.ceil((timer.endsAtMs - now) / 1000) : undefined;
  const start = () =>
    dispatch(
      timerStarted({
        id,
        eveningId,
        says: `${guest}: ${name} out`,
        endsAtMs: nowMs() + seconds * 1000,
        inPlace: true,
      }),
    );
  const state = leftS === undefined ? 'start' : leftS > 0 ? `${leftS} s` : 'look, and out';
  return (
    <Button
      look={leftS === undefined ? 'plain' : leftS > 0 ? 'main' : 'ember'}
      className="min-h-main min-w-[9rem] flex-1"
      label={`${guest}: ${state}`}
      aria-label={
        leftS === undefined
          ? `${guest} holds a slice of ${name}`
          : `${guest}: ${leftS > 0 ? `${leftS} seconds` : 'out'}`
      }
      onPress={leftS === undefined ? start : () => dispatch(timerStopped(id))}
    />
  );
}
