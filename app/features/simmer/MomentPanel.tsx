import type { Evening } from '@elixa/contract';
import { shiftIso, shortName, showVolume, spanText } from '@elixa/core';
import { View } from 'react-native';
import { ShieldCheck, TriangleAlert } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { clock } from '@/ui/time';
import type { MomentShown } from './MomentContext';
import { isOfAnimal } from './isOfAnimal';
import { inPotAt, liquidAt, MomentPot, type StandingPiece } from './MomentPot';

interface Props {
  evening: Evening;
  moment: MomentShown;
  /** Where the pot stands beside the page it is not drawn here as well. */
  drawn: boolean;
}

/** Done, and whether it is cooked through, in one line. */
function stateWords({ piece, now }: StandingPiece, atS: number): string {
  const { state, isSafe, centreTempC } = now;
  const middle = centreTempC !== undefined && isOfAnimal(piece) ? `${Math.round(centreTempC)} °C in the middle, ` : '';
  const leftS = (piece.readyAtS ?? piece.outAtS) - atS;
  if (isOfAnimal(piece) && !isSafe) return `${middle}not cooked through yet`;
  if (state === 'past') return `${middle}past its best`;
  if (state === 'ready') return `${middle}ready`;
  return `${middle}done in ${spanText(Math.max(5, leftS))}`;
}

/** The pot at a moment, in its own drawing: what is in, how far each thing has come, what is safe. */
export function MomentPanel({ evening, moment, drawn }: Props) {
  const { plan, atS } = moment;
  const inPot = inPotAt(moment);
  const liquid = liquidAt(moment);
  return (
    <Section title={`The pot at ${clock(shiftIso(plan.simmer.litAt, atS))}`}>
      {drawn ? (
        <View className="mx-auto w-full max-w-[380px]">
          <MomentPot vessel={evening.vessel} moment={moment} />
        </View>
      ) : null}
      {liquid ? (
        <Small>
          {Math.round(liquid.liquidTempC)} °C, {showVolume(liquid.levelMl, evening.units)} in the pot,{' '}
          {Math.round(liquid.depthMm)} mm deep, {liquid.salinityPct.toFixed(2)} % salt
        </Small>
      ) : null}
      {inPot.length === 0 ? <Body className="text-soft">Nothing is in it yet.</Body> : null}
      <View role="list" className="border-t border-line">
        {inPot.map((one) => (
          <View key={one.piece.id} role="listitem" className="flex-row items-center gap-3 border-b border-line py-2">
            <View className="w-6 items-center" aria-hidden>
              {!isOfAnimal(one.piece) ? null : one.now.isSafe ? (
                <ShieldCheck size={20} color="rgb(var(--iron))" />
              ) : (
                <TriangleAlert size={20} color="rgb(var(--ember))" />
              )}
            </View>
            <Body className="words">
              <Body className="font-semibold">{shortName(one.piece.ingredientId, one.piece.cut)}</Body>{' '}
              {stateWords(one, atS)}
            </Body>
          </View>
        ))}
      </View>
    </Section>
  );
}
