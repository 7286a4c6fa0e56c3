import type { PotDrawing } from '@elixa/core';
import { memo } from 'react';
import { Circle, G, Path } from 'react-native-svg';

/** How far a bunch in the pot has come. */
export interface DoneMark {
  /** From nothing to its best time, or more. */
  share: number;
  state: 'cooking' | 'ready' | 'past';
  /** Of a food that has to be cooked through: whether it is. */
  isSafe?: boolean;
}

/** Of one food in two cuts: the one that has come less far, and safe only where both are. */
export const lessDone = (a: DoneMark, b: DoneMark): DoneMark => ({
  ...(a.share <= b.share ? a : b),
  isSafe: a.isSafe === true && b.isSafe === true,
});

const RADIUS_MM = 11;
const RING_MM = 6.6;
const SHIELD = 'M0-13 11-9.5V1C11 8 6 12.5 0 15-6 12.5-11 8-11 1V-9.5z';

/** An arc from the top, clockwise, over a share of the circle. */
function arc(share: number, radius: number): string {
  const part = Math.min(0.9999, Math.max(0, share));
  const angle = part * 2 * Math.PI;
  return `M0 ${-radius} A${radius} ${radius} 0 ${part > 0.5 ? 1 : 0} 1 ${radius * Math.sin(angle)} ${-radius * Math.cos(angle)}`;
}

interface Props {
  drawing: PotDrawing;
  marks: ReadonlyMap<string, DoneMark>;
}

/**
 * A mark on each bunch: a ring that closes as it comes to its best time, a tick when it is ready, a cross when it is past
 * it; what has to be cooked through stands on a shield once it is safe.
 */
export const DoneMarks = memo(function DoneMarks({ drawing, marks }: Props) {
  return (
    <>
      {[...marks].map(([ingredientId, mark]) => {
        const mine = drawing.pieces.filter((one) => one.ingredientId === ingredientId);
        if (mine.length === 0) return null;
        // On the piece that lies nearest to the middle of its bunch, so that it never floats between two of them.
        const x = mine.reduce((sum, one) => sum + one.x, 0) / mine.length;
        const y = mine.reduce((sum, one) => sum + one.y, 0) / mine.length;
        const near = mine.reduce((a, b) => (Math.hypot(a.x - x, a.y - y) <= Math.hypot(b.x - x, b.y - y) ? a : b));
        const ink = mark.state === 'past' ? 'rgb(var(--ember))' : 'rgb(var(--ink))';
        return (
          <G key={ingredientId} transform={`translate(${near.x} ${near.y})`}>
            {mark.isSafe ? (
              <Path d={SHIELD} fill="rgb(var(--sheet))" stroke="rgb(var(--ink))" strokeWidth={1.8} />
            ) : null}
            {mark.isSafe ? null : (
              <Circle r={RADIUS_MM} fill="rgb(var(--sheet))" stroke="rgb(var(--ink))" strokeWidth={1.2} />
            )}
            {mark.isSafe || mark.state !== 'cooking' ? null : (
              <>
                <Circle r={RING_MM} fill="none" stroke="rgb(var(--line))" strokeWidth={3} />
                {mark.share <= 0 ? null : (
                  <Path
                    d={arc(mark.share, RING_MM)}
                    fill="none"
                    stroke="rgb(var(--iron))"
                    strokeWidth={3}
                    strokeLinecap="round"
                  />
                )}
              </>
            )}
            {mark.state === 'ready' ? (
              <Path d="M-4.4.4-1.2 3.6 4.6-3.4" fill="none" stroke={ink} strokeWidth={2.6} strokeLinecap="round" />
            ) : null}
            {mark.state === 'past' ? (
              <Path d="M-3.6-3.6 3.6 3.6M3.6-3.6-3.6 3.6" stroke={ink} strokeWidth={2.6} strokeLinecap="round" />
            ) : null}
          </G>
        );
      })}
    </>
  );
});
