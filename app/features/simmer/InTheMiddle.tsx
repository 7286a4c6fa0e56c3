import type { SimmerPiece } from '@elixa/contract';
import { shiftIso, shortName } from '@elixa/core';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { CircleAlert, ShieldCheck } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { clock } from '@/ui/time';
import { isOfAnimal } from './isOfAnimal';

const whole = (tempC: number | undefined) => Math.round(tempC ?? 0);

interface Props {
  pieces: readonly SimmerPiece[];
  litAt: string;
}

/** How hot the middle of what is of animals gets, and from when on it is safe; said in words and with a mark of its own. */
export function InTheMiddle({ pieces, litAt }: Props) {
  const catalogue = useCatalogue();
  const told = pieces.filter((piece) => piece.largestCentreTempC !== undefined && isOfAnimal(catalogue, piece));
  if (told.length === 0) return null;
  return (
    <Section title="Cooked through">
      <View role="list" className="border-t border-line">
        {told.map((piece) => (
          <View key={piece.id} role="listitem" className="flex-row items-start gap-3 border-b border-line py-3">
            {piece.safe ? (
              <ShieldCheck size={22} color="rgb(var(--iron))" aria-hidden />
            ) : (
              <CircleAlert size={22} color="rgb(var(--ember))" aria-hidden />
            )}
            <View className="words gap-1">
              <Body className="font-semibold">
                {shortName(catalogue.byId(piece.ingredientId), piece.cut)}: {whole(piece.centreTempC)} °C, the largest
                piece {whole(piece.largestCentreTempC)} °C
              </Body>
              <Small>
                {piece.safe && piece.safeAtS !== undefined
                  ? `In the middle, when it is lifted out. Safe from ${clock(shiftIso(litAt, piece.safeAtS))} on.`
                  : 'Not cooked through when it is lifted out: give it longer, until a thermometer says so.'}
              </Small>
            </View>
          </View>
        ))}
      </View>
      <Small>
        Reckoned for the largest likely piece, straight from the fridge, with a tenth of doubt in the model. General
        advice; a thermometer and your local authority come first.
      </Small>
    </Section>
  );
}
