import type { Evening, PotPlan, SimmerPiece } from '@elixa/contract';
import {
  ingredientById,
  pieceAt,
  saucesOf,
  shiftIso,
  shortName,
  showVolume,
  spanText,
  traceAt,
  traceBeforeS,
  type PieceMoment,
} from '@elixa/core';
import { useMemo } from 'react';
import { View } from 'react-native';
import { ShieldCheck, TriangleAlert } from '@/ui/icons';
import { Section } from '@/ui/Page';
import type { DoneMark } from '@/ui/pot/DoneMarks';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { Body, Small } from '@/ui/Text';
import { clock } from '@/ui/time';

interface Props {
  evening: Evening;
  plan: PotPlan;
  round: number;
  atS: number;
}

const isOfAnimal = ({ ingredientId }: SimmerPiece) =>
  ingredientById(ingredientId).kinds.some((kind) => !['plant', 'mineral', 'milk'].includes(kind));

/** Done, and whether it is cooked through, in one line. */
function stateWords(piece: SimmerPiece, { state, isSafe, centreTempC }: PieceMoment, atS: number): string {
  const middle = centreTempC !== undefined && isOfAnimal(piece) ? `${Math.round(centreTempC)} °C in the middle, ` : '';
  const leftS = (piece.readyAtS ?? piece.outAtS) - atS;
  if (isOfAnimal(piece) && !isSafe) return `${middle}not cooked through yet`;
  if (state === 'past') return `${middle}past its best`;
  if (state === 'ready') return `${middle}ready`;
  return `${middle}done in ${spanText(Math.max(5, leftS))}`;
}

const lessDone = (a: DoneMark, b: DoneMark): DoneMark => (a.share <= b.share ? a : b);

/** The pot at a moment, in its own drawing: what is in, how far each thing has come, what is safe. */
export function MomentPanel({ evening, plan, round, atS }: Props) {
  const { simmer, build } = plan;
  const pieces = simmer.pieces.filter((one) => one.round === round && one.pan === 'main');
  const standing = pieces.map((piece) => ({ piece, now: pieceAt(piece, simmer.trace, atS) }));
  // When a round is lifted out it is looked at as it comes out.
  const isIn = ({ piece, now }: (typeof standing)[number]) => now.state !== 'waits' && piece.outAtS >= atS - 1;
  const inPot = standing.filter(isIn);
  const key = inPot.map(({ piece, now }) => `${piece.id} ${now.state} ${now.share.toFixed(2)} ${now.isSafe}`).join();
  const marks = useMemo(() => {
    const found = new Map<string, DoneMark>();
    for (const { piece, now } of inPot) {
      const state = now.state === 'out' || now.state === 'waits' ? 'cooking' : now.state;
      const mark: DoneMark = { share: now.share, state, ...(isOfAnimal(piece) && now.isSafe ? { isSafe: true } : {}) };
      const other = found.get(piece.ingredientId);
      found.set(piece.ingredientId, other ? lessDone(other, mark) : mark);
    }
    return found;
    // What is drawn follows from the key alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  const ids = useMemo(() => new Set(marks.keys()), [marks]);
  const waits = useMemo(
    () => new Set(pieces.filter((one) => !ids.has(one.ingredientId)).map((one) => one.ingredientId)),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [ids, round, plan],
  );
  const { trace } = simmer;
  const readyS = Math.max(...pieces.map((one) => one.outAtS));
  const now = trace ? traceAt(trace, Math.min(atS, traceBeforeS(trace, readyS))) : undefined;
  return (
    <Section title={`The pot at ${clock(shiftIso(simmer.litAt, atS))}`}>
      <View className="mx-auto w-full max-w-[380px]">
        <PotFromAbove
          vessel={evening.vessel}
          sectors={build.sectors}
          {...saucesOf(plan)}
          inPot={ids}
          comingNext={waits}
          marks={marks}
          simmering={now !== undefined && now.liquidTempC > simmer.boilingPointC - 1.5}
        />
      </View>
      {now ? (
        <Small>
          {Math.round(now.liquidTempC)} °C, {showVolume(now.levelMl, evening.units)} in the pot,{' '}
          {Math.round(now.depthMm)} mm deep, {now.salinityPct.toFixed(2)} % salt
        </Small>
      ) : null}
      {inPot.length === 0 ? <Body className="text-soft">Nothing is in it yet.</Body> : null}
      <View role="list" className="border-t border-line">
        {inPot.map(({ piece, now: state }) => (
          <View key={piece.id} role="listitem" className="flex-row items-center gap-3 border-b border-line py-2">
            <View className="w-6 items-center" aria-hidden>
              {!isOfAnimal(piece) ? null : state.isSafe ? (
                <ShieldCheck size={20} color="rgb(var(--iron))" />
              ) : (
                <TriangleAlert size={20} color="rgb(var(--ember))" />
              )}
            </View>
            <Body className="words">
              <Body className="font-semibold">{shortName(piece.ingredientId, piece.cut)}</Body>{' '}
              {stateWords(piece, state, atS)}
            </Body>
          </View>
        ))}
      </View>
    </Section>
  );
}
