import { inARow, lengthOf, type Part, type Work } from './work';

/** Washing hands after raw flesh, and with them board and knife, in min. Kitchen estimates; hands alone take half a minute. */
const HANDS_MIN = 1;
const BOARD_MIN = 2;

type Step = Omit<Part, 'fromMin'>;

const HANDS_ID = 'washHands';
const BOARD_ID = 'wash';

const isWash = ({ id }: Step) => id === BOARD_ID || id.startsWith(HANDS_ID);

export const boardWash: Step = {
  id: BOARD_ID,
  says: 'Wash board, knife and hands with hot water and soap',
  lastsMin: BOARD_MIN,
  needs: ['hands', 'board'],
};

const handsWash = (count: number): Step => ({
  id: `${HANDS_ID}${count > 1 ? count : ''}`,
  says: 'Wash hands with hot water and soap',
  lastsMin: HANDS_MIN,
  needs: ['hands'],
});

/** At the stove there is time for it while the pot heats. */
const BESIDE_MIN = 5;

/** Parts in a row with a wash after every raw one, before anything else is touched and before the cook goes elsewhere. */
function washedBetween(parts: readonly Part[]): Step[] {
  let count = 0;
  return parts.flatMap((part, index): Step[] => {
    const next = parts[index + 1];
    if (!part.raw || (next && (next.raw || isWash(next)))) return [part];
    if (part.needs.includes('burner') && part.lastsMin >= BESIDE_MIN)
      return [{ ...part, says: `${part.says}. Wash hands as soon as all is in` }];
    count += 1;
    return [part, handsWash(count)];
  });
}

/** Work after which no hand is raw: whoever does it washes them in the same go. */
export function withHandsWashed(work: Work): Work {
  if (!work.segments.some((part) => part.raw)) return work;
  const segments = inARow(washedBetween(work.segments));
  return { ...work, segments, lastsMin: lengthOf(segments) };
}
