import type { Evening } from '@elixa/contract';
import type { PotPreview, Style } from '@elixa/core';
import { Pressable, View } from 'react-native';
import { classes } from '@/ui/classes';
import { Check, Info, TriangleAlert } from '@/ui/icons';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { useCatalogue } from '@/ui/catalogue';
import { Body, Heading, Small } from '@/ui/Text';
import { useNear } from '@/ui/useNear';
import { useScreen } from '@/ui/useScreen';
import { guestVerdict, houseVerdict, timeWords, vesselVerdict, type Verdict } from './potWords';

const ICON = { good: Check, warn: Info, bad: TriangleAlert } as const;
const COLOUR = { good: 'rgb(var(--moss))', warn: 'rgb(var(--soft))', bad: 'rgb(var(--ember))' } as const;

function VerdictLine({ tone, says }: Verdict) {
  const Icon = ICON[tone];
  return (
    <View className="flex-row gap-2">
      <View className="pt-0.5">
        <Icon size={18} color={COLOUR[tone]} aria-hidden />
      </View>
      <Small className="min-w-0 flex-1">{says}</Small>
    </View>
  );
}

const EMPTY = { placements: [] };

interface Props {
  style: Style;
  evening: Evening;
  preview?: PotPreview;
  /** The cook goes by what the house has. */
  byHouse: boolean;
  chosen: boolean;
  keys: object;
  onChoose(): void;
}

/** One pot: how it looks, what it is like, how long it takes tonight and whether it suits. */
export function PotCard({ style, evening, preview, byHouse, chosen, keys, onChoose }: Props) {
  const catalogue = useCatalogue();
  const vessel = preview && vesselVerdict(preview, evening);
  const guests = preview && guestVerdict(preview);
  const house = preview && byHouse ? houseVerdict(preview, catalogue) : undefined;
  const time = preview && timeWords(preview);
  const drawing = useNear();
  // Beside the drawing there is room for all of it only where the screen is wide.
  const { wide } = useScreen();
  const words = (
    <View className="gap-2">
      <Body className="font-semibold">{time ?? 'Working out how long it takes…'}</Body>
      {vessel ? <VerdictLine {...vessel} /> : null}
      {guests ? <VerdictLine {...guests} /> : null}
      {house ? <VerdictLine {...house} /> : null}
    </View>
  );
  return (
    <Pressable
      {...keys}
      role="radio"
      aria-checked={chosen}
      aria-label={[style.name, style.says, time, vessel?.says, guests?.says, house?.says].filter(Boolean).join(' ')}
      onPress={onChoose}
      className={classes('gap-3 rounded-2xl border-2 p-4', chosen ? 'border-iron bg-sheet' : 'border-line')}
    >
      <View className="flex-row flex-wrap gap-3 sm:gap-4">
        <View ref={drawing.ref} className="min-h-24 w-28 grow-0 self-start sm:w-40">
          {drawing.isNear ? (
            <PotFromAbove
              vessel={preview?.vessel ?? evening.vessel}
              build={preview?.build ?? EMPTY}
              sauce={preview?.sauce}
              otherSauce={preview?.otherSauce}
            />
          ) : null}
        </View>
        <View className="min-w-[min(9.5rem,100%)] flex-1 gap-2">
          <View className="flex-row items-start justify-between gap-2">
            <Heading level={3} className="min-w-0 flex-1">
              {style.name}
            </Heading>
            {chosen ? (
              <View className="h-7 w-7 items-center justify-center rounded-full bg-iron">
                <Check size={18} color="rgb(var(--on-iron))" aria-hidden />
              </View>
            ) : null}
          </View>
          <Body>{style.says}</Body>
          {wide ? words : null}
        </View>
      </View>
      {wide ? null : words}
    </Pressable>
  );
}
