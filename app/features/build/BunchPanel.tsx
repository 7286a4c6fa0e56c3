import type { Laid, Placement, Units } from '@elixa/contract';
import { isMovable, lockedAs, moved, nextTo, onSideOf, showWeight, stepped, swapped } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { Button, IconButton } from '@/ui/Button';
import { ChevronLeft, ChevronRight, X } from '@/ui/icons';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { Body, Heading, Small } from '@/ui/Text';
import { bunchesIn, bunchName, PLACE_WORDS, SIDE_WORDS } from './placeWords';
import type { Laying } from './useLaying';

interface Props {
  id: string;
  laying: Laying;
  units: Units;
  onClose(): void;
}

const PLACES: ReadonlyArray<{ place: Laid['place']; label: string }> = [
  { place: 'ring', label: 'Round the wall' },
  { place: 'heart', label: 'Into the middle' },
  { place: 'top', label: 'On top' },
  { place: 'bed', label: 'Under the rest' },
];

/** How many pieces, of how much. */
export const piecesWords = ({ pieces, massG }: Pick<Placement, 'pieces' | 'massG'>, units: Units) =>
  pieces > 0 ? `${pieces} ${pieces === 1 ? 'piece' : 'pieces'}, ${showWeight(massG, units)}` : showWeight(massG, units);

/** What may be done with a bunch by plain buttons. */
function Moves({
  id,
  laying,
  isOnStick,
  onSwap,
}: Pick<Props, 'id' | 'laying'> & { isOnStick: boolean; onSwap(): void }) {
  const { laid, keep } = laying;
  const { placements } = laying.build;
  const mine = laid.find((one) => one.id === id);
  if (!mine) return null;
  const canStep = nextTo(laid, id, true, placements) !== undefined;
  const put = (place: Laid['place']) => keep(moved(laid, id, { place, atDeg: mine.atDeg }));
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center gap-2">
        {canStep ? (
          <>
            <IconButton
              label="One place back"
              className="border border-edge bg-sheet"
              icon={<ChevronLeft size={24} color="rgb(var(--ink))" />}
              onPress={() => keep(stepped(laid, id, false, placements))}
            />
            <IconButton
              label="One place on"
              className="border border-edge bg-sheet"
              icon={<ChevronRight size={24} color="rgb(var(--ink))" />}
              onPress={() => keep(stepped(laid, id, true, placements))}
            />
          </>
        ) : null}
        <Button label="Exchange it with…" onPress={onSwap} />
        <Button
          label={mine.locked ? 'Unlock' : 'Lock it here'}
          onPress={() => keep(lockedAs(laid, id, !mine.locked))}
        />
      </View>
      {isOnStick ? null : (
        <View className="flex-row flex-wrap gap-2">
          {PLACES.filter((one) => one.place !== mine.place).map(({ place, label }) => (
            <Button key={place} label={label} onPress={() => put(place)} />
          ))}
        </View>
      )}
    </View>
  );
}

/** One bunch: how much it is, why it lies where it does, and where else it may go. */
export function BunchPanel({ id, laying, units, onClose }: Props) {
  const catalogue = useCatalogue();
  const [swapping, setSwapping] = useState(false);
  const bunches = bunchesIn(laying.build.placements);
  const cuts = bunches.get(id);
  const [first] = cuts ?? [];
  if (!cuts || !first) return null;
  const name = bunchName(catalogue, cuts);
  const others = onSideOf(laying.laid, id, laying.build.placements).filter((one) => one.id !== id);
  return (
    <View className="gap-3 rounded-2xl bg-well p-4" aria-live="polite">
      <View className="flex-row items-start justify-between gap-2">
        <View className="words">
          <Heading level={3}>{name}</Heading>
          <Small>
            {PLACE_WORDS[first.place]}
            {first.side ? `, ${SIDE_WORDS[first.side]}` : ''}
          </Small>
        </View>
        <IconButton label={`Close ${name}`} icon={<X size={22} color="rgb(var(--ink))" />} onPress={onClose} />
      </View>
      {cuts.map((one) => (
        <View key={one.cut} className="flex-row flex-wrap items-center gap-3">
          <PieceSwatch ingredientId={one.ingredientId} cut={one.cut} size={32} />
          <Body className="words">{piecesWords(one, units)}</Body>
        </View>
      ))}
      <Body>{first.because}</Body>
      {swapping ? (
        <View className="gap-2">
          <Small>Exchange it with</Small>
          <View className="flex-row flex-wrap gap-2">
            {others.map((one) => (
              <Button
                key={one.id}
                label={bunchName(catalogue, bunches.get(one.id) ?? [])}
                onPress={() => {
                  setSwapping(false);
                  laying.keep(swapped(laying.laid, id, one.id));
                }}
              />
            ))}
            <Button look="quiet" label="Leave it" onPress={() => setSwapping(false)} />
          </View>
        </View>
      ) : isMovable(first) ? (
        <Moves id={id} laying={laying} isOnStick={first.place === 'skewer'} onSwap={() => setSwapping(true)} />
      ) : null}
    </View>
  );
}
