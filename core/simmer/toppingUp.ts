import { showVolume } from '../measures/showMeasure';
import { brothPoured, waterPoured, withoutHeldMl, type ActionQuestion, type Draft } from './drafts';
import { WORTH_POURING_ML } from './levels';

/** Bringing a pan back to its mark before a course, so long before its first addition. */
export const TOP_UP_BEFORE_S = 60;
/** A pot of broth is hot again after so long. Kitchen estimate, 3-6 min. */
const HOT_AGAIN_S = 5 * 60;

/** What brings the pans back to their mark, and back to a simmer, before each course but the first. */
export function toppingUp(question: ActionQuestion): Draft[] {
  const { units } = question.menu.evening;
  const isSauce = question.menu.pour.kind === 'ladles';
  const watered = (ml: number) =>
    `${showVolume(ml, units)} of ${question.menu.chosen.letDown ? 'dashi' : 'hot water'}; taste it then`;
  const splash = question.menu.stages.find((stage) => stage.do === 'pour')?.says ?? 'More of it';
  return question.pans.flatMap(({ pan, levels, fillings }) =>
    levels.flatMap(({ pourMl, ladleOutMl, waterMl }, index): Draft[] => {
      const round = question.firstRound + index;
      const mine = question.going.filter(({ piece }) => piece.round === round && piece.pan === pan);
      if (index === 0 || fillings.some((one) => one.round === round)) return [];
      // A finish of which nothing is cooked in the pot is ladled over when the broth is hot again.
      const readyS = question.finishReadyAtS[round - question.readyAtS.length - 1];
      const isLadled = mine.length === 0 && readyS !== undefined;
      if (mine.length === 0 && (!isLadled || pourMl + waterMl < WORTH_POURING_ML)) return [];
      const base = {
        id: pan === 'main' ? `topup-${round}` : `topup-${round}-${pan}`,
        atS: isLadled ? readyS - HOT_AGAIN_S : Math.min(...mine.map(({ piece }) => piece.inAtS)) - TOP_UP_BEFORE_S,
        round,
        pan,
        fire: 'simmer' as const,
      };
      const small = pan === 'main' ? '' : 'The small pan';
      if (ladleOutMl >= WORTH_POURING_ML) {
        return [
          {
            ...base,
            kind: 'lift',
            volumeMl: -ladleOutMl,
            does: [{ is: 'ladled', ml: ladleOutMl, to: 'jug' }],
            says: `Ladle broth out${pan === 'main' ? '' : ' of the small pan'} to make room`,
            shownText: showVolume(ladleOutMl, units),
          },
        ];
      }
      if (pourMl < WORTH_POURING_ML) {
        if (waterMl < WORTH_POURING_ML) return [{ ...base, kind: 'heatUp', says: small }];
        const water = `${small ? `${small}: ` : ''}${watered(waterMl)}`;
        return [
          {
            ...base,
            kind: 'pour',
            volumeMl: waterMl,
            waterMl,
            does: [waterPoured(question, waterMl)],
            says: water.charAt(0).toUpperCase() + water.slice(1),
            shownText: showVolume(waterMl, units),
          },
        ];
      }
      const says = isSauce
        ? question.menu.chosen.letDown
          ? 'More sauce, and dashi until it tastes right'
          : splash
        : `Hot broth from the reserve${pan === 'main' ? '' : ' into the small pan'}`;
      const broth = brothPoured(question, pan, pourMl, 'reserve');
      const brothMl = withoutHeldMl(question, pan, pourMl);
      const pour: Draft = {
        ...base,
        kind: 'pour',
        volumeMl: brothMl,
        does: [broth],
        says,
        shownText: showVolume(brothMl, units),
      };
      if (waterMl < WORTH_POURING_ML) return [pour];
      return [
        { ...pour, waterMl, does: [broth, waterPoured(question, waterMl)], says: `${says}, and ${watered(waterMl)}` },
      ];
    }),
  );
}
