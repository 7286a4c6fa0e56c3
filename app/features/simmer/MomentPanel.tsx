import type { Evening } from '@elixa/contract';
import { type Catalogue, shiftIso, shortName, showVolume, spanText, type TraceMoment } from '@elixa/core';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { ShieldCheck, TriangleAlert } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { clock } from '@/ui/time';
import type { MomentShown } from './MomentContext';
import { LEAST_SALT_PCT } from './chart/layout';
import { isOfAnimal } from './isOfAnimal';
import { inPotAt, liquidAt, MomentPot, type StandingPiece } from './MomentPot';

interface Props {
  evening: Evening;
  moment: MomentShown;
  /** Where the pot stands beside the page it is not drawn here as well. */
  drawn: boolean;
}

/** Less than this is told of no broth. */
const WORTH_SKIMMING_G = 15;

/** A pan with less than this is all but empty, in ml. */
const EMPTY_ML = 30;

/** The liquid at a moment, in one line. */
function liquidWords(
  { liquidTempC, levelMl, depthMm, salinityPct, fatG }: TraceMoment,
  units: Evening['units'],
): string {
  if (levelMl < EMPTY_ML) return 'Next to nothing is left in it.';
  const parts = [
    `${Math.round(liquidTempC)} °C`,
    `${showVolume(levelMl, units)} in the pot`,
    `${Math.round(depthMm)} mm deep`,
    ...(salinityPct >= LEAST_SALT_PCT ? [`${salinityPct.toFixed(2)} % salt`] : []),
    ...(fatG >= WORTH_SKIMMING_G ? [`about ${Math.round(fatG)} g of fat on top: skim off what you do not want`] : []),
  ];
  return parts.join(', ');
}

/** Done, and whether it is cooked through, in one line. */
function stateWords(catalogue: Catalogue, { piece, now }: StandingPiece, atS: number): string {
  const { state, isSafe, centreTempC } = now;
  const middle =
    centreTempC !== undefined && isOfAnimal(catalogue, piece) ? `${Math.round(centreTempC)} °C in the middle, ` : '';
  const leftS = (piece.readyAtS ?? piece.outAtS) - atS;
  if (isOfAnimal(catalogue, piece) && !isSafe) return `${middle}not cooked through yet`;
  if (state === 'past') return `${middle}past its best`;
  if (state === 'ready') return `${middle}ready`;
  return `${middle}done in ${spanText(Math.max(5, leftS))}`;
}

/** The pot at a moment, in its own drawing: what is in, how far each thing has come, what is safe. */
export function MomentPanel({ evening, moment, drawn }: Props) {
  const catalogue = useCatalogue();
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
      <Small>{liquid ? liquidWords(liquid, evening.units) : 'The pan is hot and dry: nothing is poured yet.'}</Small>
      {inPot.length === 0 ? <Body className="text-soft">Nothing is in it yet.</Body> : null}
      <View role="list" className="border-t border-line">
        {inPot.map((one) => (
          <View key={one.piece.id} role="listitem" className="flex-row items-center gap-3 border-b border-line py-2">
            <View className="w-6 items-center" aria-hidden>
              {!isOfAnimal(catalogue, one.piece) ? null : one.now.isSafe ? (
                <ShieldCheck size={20} color="rgb(var(--iron))" />
              ) : (
                <TriangleAlert size={20} color="rgb(var(--ember))" />
              )}
            </View>
            <Body className="words">
              <Body className="font-semibold">{shortName(catalogue.byId(one.piece.ingredientId), one.piece.cut)}</Body>{' '}
              {stateWords(catalogue, one, atS)}
            </Body>
          </View>
        ))}
      </View>
    </Section>
  );
}
