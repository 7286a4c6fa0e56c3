import type { Edit, Evening, SimmerPiece } from '@elixa/contract';
import { capital, shortName, spanText, whatIfsOf } from '@elixa/core';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { Button, IconButton } from '@/ui/Button';
import { ChevronLeft, ChevronRight, X } from '@/ui/icons';
import { Body, Figure, Heading, Small } from '@/ui/Text';
import { isMovable, snappedS } from './chart/layout';
import type { Wondered } from './useWhatIf';

interface Props {
  evening: Evening;
  piece: SimmerPiece;
  /** Of what is tried out, the time that is shown. */
  onMoved(piece: SimmerPiece, seconds: number): void;
  ask(wondered: Wondered): void;
  edit(...edits: Edit[]): void;
  onClose(): void;
}

/** One thing of a round: why it goes in when it does, and what may be done otherwise with it. */
export function PiecePanel({ evening, piece, onMoved, ask, edit, onClose }: Props) {
  const catalogue = useCatalogue();
  const { ingredientId, cut } = piece;
  const name = shortName(catalogue.byId(ingredientId), cut);
  const inPotS = piece.outAtS - piece.inAtS;
  const stepS = inPotS <= 180 ? 15 : 30;
  const own = evening.overrides.minutesInPot?.[ingredientId]?.[cut];
  const ownMm = evening.overrides.thicknessMm?.[ingredientId]?.[cut];
  const offers = whatIfsOf(evening, piece);
  return (
    <View className="gap-3 rounded-2xl bg-well p-4">
      <View className="flex-row items-start justify-between gap-2">
        <Heading level={3} className="words">
          {capital(name)}
        </Heading>
        <IconButton label={`Close ${name}`} icon={<X size={22} color="rgb(var(--ink))" />} onPress={onClose} />
      </View>
      {isMovable(piece) ? (
        <View className="flex-row items-center gap-3">
          <IconButton
            label={`${name} in earlier`}
            icon={<ChevronLeft size={24} color="rgb(var(--ink))" />}
            onPress={() => onMoved(piece, snappedS(inPotS + stepS))}
          />
          <View className="words" aria-live="polite">
            <Figure size="small">{spanText(inPotS)}</Figure>
            <Small>in before it is ready</Small>
          </View>
          <IconButton
            label={`${name} in later`}
            icon={<ChevronRight size={24} color="rgb(var(--ink))" />}
            onPress={() => onMoved(piece, snappedS(inPotS - stepS))}
          />
        </View>
      ) : null}
      {piece.because ? <Body>{piece.because}</Body> : null}
      <Small>{capital(piece.sign)}. Trust that before the clock.</Small>
      <View className="flex-row flex-wrap gap-2">
        {offers.map(({ id, label, edits }) => (
          <Button key={id} label={label} onPress={() => ask({ label, edits })} />
        ))}
        {own === undefined ? null : (
          <Button label="As the plan has it" onPress={() => edit({ kind: 'timeInPotSet', ingredientId, cut })} />
        )}
        {ownMm === undefined ? null : (
          <Button label="Usual thickness" onPress={() => edit({ kind: 'thicknessSet', ingredientId, cut })} />
        )}
      </View>
    </View>
  );
}
