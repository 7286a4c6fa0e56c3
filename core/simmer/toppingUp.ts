import { showVolume } from '../measures/showMeasure';
import { volumeBelowMl } from '../arrange/vesselShape';
import type { Pan } from '../diners/table';
import { tableSteamG } from '../heat/tableSteam';
import { andList } from '../measures/andList';
import { sum } from '../measures/sum';
import { brothPoured, jugPoured, waterPoured, withoutHeldMl, type ActionQuestion, type Draft } from './drafts';
import { LEAST_MM, WORTH_POURING_ML } from './levels';
import type { TimedPan } from './panRounds';
import { capital } from '../measures/capital';

/** Bringing a pan back to its mark before a course, so long before its first addition. */
export const TOP_UP_BEFORE_S = 60;
/** A pot of broth is hot again after so long. Kitchen estimate, 3-6 min. */
const HOT_AGAIN_S = 5 * 60;

/** While slices are held in it a pot is brought back to its mark when it has fallen by so much of it. Kitchen estimate. */
const FALLEN_SHARE = 0.35;
/** What a pot at the table steams by its mean lid, as a share of what it does without one. Kitchen estimate. */
const OFF_STEAMS_SHARE = 0.65;

/** A round is lifted out in so long. Kitchen estimate. */
const LIFTED_OUT_S = 30;

/** What goes into a pan while a round of it is eaten. */
interface EarlyTopUp {
  atS: number;
  brothMl: number;
  waterMl: number;
}

/** People are asked to pour no more often than this while they eat. Kitchen estimate. */
const MOST_EARLY = 5;

/**
 * What boils away from a pot that slices are held in, for as long as people eat with the lid off, in parts, so that it never
 * runs low: broth as far as it reaches, then hot water, since what is left has grown stronger.
 * @param brothMl what there is for it and for what was lifted out, which is made up at once
 * @param endsMl what would be left at the end, if nothing were poured
 */
function whileHeldIn(
  { menu }: ActionQuestion,
  { brothMl, endsMl, fromS, untilS }: { brothMl: number; endsMl: number; fromS: number; untilS: number },
): EarlyTopUp[] {
  const { vessel, heatSource } = menu.evening;
  const steamMl = tableSteamG(menu.evening, vessel, heatSource, untilS - fromS) / OFF_STEAMS_SHARE;
  const atOnceMl = Math.max(0, brothMl - steamMl);
  const startsMl = Math.max(WORTH_POURING_ML, endsMl + steamMl + atOnceMl);
  const parts = Math.min(MOST_EARLY, Math.max(1, Math.ceil(steamMl / (startsMl * FALLEN_SHARE))));
  const partMl = steamMl / parts;
  let leftMl = brothMl - atOnceMl;
  const later = Array.from({ length: parts - 1 }, (_, index): EarlyTopUp => {
    const isBroth = leftMl >= partMl / 2;
    const ml = isBroth ? Math.min(leftMl, partMl) : 0;
    leftMl -= ml;
    const atS = Math.round(fromS + ((untilS - fromS) / parts) * (index + 1));
    return { atS, brothMl: ml, waterMl: isBroth ? 0 : partMl };
  });
  return [{ atS: fromS, brothMl: atOnceMl, waterMl: 0 }, ...later].filter(
    (one) => one.brothMl + one.waterMl >= WORTH_POURING_ML,
  );
}

/**
 * What of a top-up goes in as soon as the round before is lifted out: into a pot that slices are held in, and into one that
 * would be left with hardly anything over the flame.
 * @param round the next one, for which `pourMl` in all are wanted at `untilS`
 */
export function beforeNext(
  question: ActionQuestion,
  timed: TimedPan,
  round: number,
  pourMl: number,
  untilS: number,
): EarlyTopUp[] {
  const { menu, firstRound, readyAtS } = question;
  const { levels, fit } = timed;
  const servedS = readyAtS[round - 2];
  const readyS = servedS === undefined ? undefined : servedS + LIFTED_OUT_S;
  if (readyS === undefined || menu.pour.kind === 'ladles' || question.asInVersion1) return [];
  const next = levels[round - firstRound]!;
  const endsMl = next.brothMl - next.waterMl - pourMl;
  if (isHeldIn(question, timed, round - 1)) {
    return whileHeldIn(question, { brothMl: pourMl, endsMl, fromS: readyS, untilS });
  }
  const isLow = pourMl >= WORTH_POURING_ML && endsMl < volumeBelowMl(fit.vessel, LEAST_MM);
  return isLow ? [{ atS: readyS, brothMl: pourMl, waterMl: 0 }] : [];
}

/** Whether people hold slices in the pan when so many rounds of it are ready. */
const isHeldIn = ({ swished, firstRound }: ActionQuestion, { pan }: TimedPan, round: number): boolean =>
  pan === 'main' && round === firstRound && swished.length > 0;

function toppedUpEarly(
  question: ActionQuestion,
  timed: TimedPan,
  round: number,
  early: readonly EarlyTopUp[],
): Draft[] {
  const { units } = question.menu.evening;
  const { pan } = timed;
  return early.map(({ atS, brothMl, waterMl }, index): Draft => {
    const volumeMl = waterMl > 0 ? waterMl : withoutHeldMl(question, pan, brothMl);
    return {
      id: `topup-early-${round}${pan === 'main' ? '' : `-${pan}`}-${index + 1}`,
      atS,
      round,
      pan,
      kind: 'pour',
      volumeMl,
      ...(waterMl > 0 ? { waterMl } : {}),
      does: [waterMl > 0 ? waterPoured(question, waterMl) : brothPoured(question, pan, brothMl, 'reserve')],
      says: `Hot ${waterMl > 0 ? 'water' : 'broth from the reserve'}${pan === 'main' ? '' : ' into the small pan'}`,
      shownText: showVolume(volumeMl, units),
      ...(isHeldIn(question, timed, round) ? { lookFor: 'it simmers again before the next slice goes in' } : {}),
    };
  });
}

/** A pot that slices are held in, and nothing is cooked in any more afterwards. */
function untilTheEnd(question: ActionQuestion, timed: TimedPan): Draft[] {
  const { menu, firstRound, readyAtS, endsAtS } = question;
  const { levels, fit } = timed;
  const isLast = levels.length === 1 && readyAtS.length === firstRound;
  if (question.asInVersion1 || !isLast || !isHeldIn(question, timed, firstRound) || menu.pour.kind === 'ladles')
    return [];
  const fromS = readyAtS[firstRound - 1]! + LIFTED_OUT_S;
  const left = { brothMl: fit.reserveMl, endsMl: fit.potBrothMl / 2, fromS, untilS: endsAtS };
  return toppedUpEarly(question, timed, firstRound, whileHeldIn(question, left));
}

/** What was ladled into the jug goes back for the finish, with what it lacks: broth of the reserve, and then hot water. */
function fromJug(
  question: ActionQuestion,
  pan: Pan,
  { jugMl, lastMl, waterMl }: { jugMl: number; lastMl: number; waterMl: number },
): Pick<Draft, 'kind' | 'volumeMl' | 'waterMl' | 'does' | 'says' | 'shownText'> {
  const { units } = question.menu.evening;
  const brothMl = lastMl < WORTH_POURING_ML ? 0 : withoutHeldMl(question, pan, lastMl);
  const hotMl = waterMl < WORTH_POURING_ML ? 0 : waterMl;
  const volumeMl = jugMl + brothMl;
  const more = [
    ...(brothMl > 0 ? [`${showVolume(brothMl, units)} of hot broth from the reserve`] : []),
    ...(hotMl > 0 ? [`${showVolume(hotMl, units)} of hot water`] : []),
  ];
  const into = pan === 'main' ? '' : ' of the small pan, into it';
  return {
    kind: 'pour',
    volumeMl,
    ...(hotMl > 0 ? { waterMl: hotMl } : {}),
    does: [
      jugPoured(question, pan, jugMl),
      ...(brothMl > 0 ? [brothPoured(question, pan, lastMl, 'reserve')] : []),
      ...(hotMl > 0 ? [waterPoured(question, hotMl)] : []),
    ],
    says: `The broth from the jug${into}${more.length > 0 ? `, and ${andList(more)}; taste it then` : ''}`,
    shownText: showVolume(volumeMl, units),
  };
}

/** What brings the pans back to their mark, and back to a simmer, before each course but the first. */
export function toppingUp(question: ActionQuestion): Draft[] {
  const { units } = question.menu.evening;
  const isSauce = question.menu.pour.kind === 'ladles';
  const watered = (ml: number) =>
    `${showVolume(ml, units)} of ${question.menu.chosen.letDown ? 'dashi' : 'hot water'}; taste it then`;
  const splash = question.menu.stages.find((stage) => stage.do === 'pour')?.says ?? 'More of it';
  return question.pans.flatMap((timed) => {
    const { pan, levels, fillings } = timed;
    const courses = levels.flatMap(({ pourMl, ladleOutMl, jugMl, waterMl }, index): Draft[] => {
      const round = question.firstRound + index;
      const mine = question.going.filter(({ piece }) => piece.round === round && piece.pan === pan);
      if (index === 0 || fillings.some((one) => one.round === round)) return [];
      // A finish of which nothing is cooked in the pot is ladled over when the broth is hot again.
      const readyS = question.finishReadyAtS[round - question.readyAtS.length - 1];
      const isLadled = mine.length === 0 && readyS !== undefined;
      if (mine.length === 0 && (!isLadled || pourMl + jugMl + waterMl < WORTH_POURING_ML)) return [];
      const base = {
        id: pan === 'main' ? `topup-${round}` : `topup-${round}-${pan}`,
        atS: isLadled ? readyS - HOT_AGAIN_S : Math.min(...mine.map(({ piece }) => piece.inAtS)) - TOP_UP_BEFORE_S,
        round,
        pan,
        fire: 'simmer' as const,
      };
      const small = pan === 'main' ? '' : 'The small pan';
      const during = beforeNext(question, timed, round, pourMl, base.atS);
      const lastMl = pourMl - sum(during.map((one) => one.brothMl));
      const early = toppedUpEarly(question, timed, round - 1, during);
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
      if (jugMl >= WORTH_POURING_ML)
        return [...early, { ...base, ...fromJug(question, pan, { jugMl, lastMl, waterMl }) }];
      if (lastMl < WORTH_POURING_ML) {
        if (waterMl < WORTH_POURING_ML) return [...early, { ...base, kind: 'heatUp', says: small }];
        const water = `${small ? `${small}: ` : ''}${watered(waterMl)}`;
        return [
          ...early,
          {
            ...base,
            kind: 'pour',
            volumeMl: waterMl,
            waterMl,
            does: [waterPoured(question, waterMl)],
            says: capital(water),
            shownText: showVolume(waterMl, units),
          },
        ];
      }
      const says = isSauce
        ? question.menu.chosen.letDown
          ? 'More sauce, and dashi until it tastes right'
          : splash
        : `Hot broth from the reserve${pan === 'main' ? '' : ' into the small pan'}`;
      const brothMl = withoutHeldMl(question, pan, lastMl);
      const broth = brothPoured(question, pan, lastMl, 'reserve');
      const pour: Draft = {
        ...base,
        kind: 'pour',
        volumeMl: brothMl,
        does: [broth],
        says,
        shownText: showVolume(brothMl, units),
      };
      if (waterMl < WORTH_POURING_ML) return [...early, pour];
      return [
        ...early,
        { ...pour, waterMl, does: [broth, waterPoured(question, waterMl)], says: `${says}, and ${watered(waterMl)}` },
      ];
    });
    return [...courses, ...untilTheEnd(question, timed)];
  });
}
