import type { Advice, Evening, SimmerPiece, Unsatisfied } from '@elixa/contract';
import { HEAT_SOURCES, standsOn } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { vesselSuits } from '../evening/vesselFit';
import { sum } from '../measures/sum';
import { holdsBoil, usefulPowerW } from '../heat/burner';
import { showVolume } from '../measures/showMeasure';
import { spanText } from './because';
import { LONG_COLD_S, stopsBoil } from './coldSpells';
import { handsS, isTooMuch } from './hands';
import type { PanRounds, SimmerQuestion } from './panRounds';
import { ofRoom } from './room';

/** A pot that takes longer than this from its broth to the boil is told. */
const SLOW_BOIL_S = 45 * 60;

/** Food gives more than the rest of what covers it in its first minutes. Kitchen estimate. */
const COVERED = 0.92;
/** A burner is worth changing for a fifth more heat in the pot. */
const CLEARLY_MORE = 1.2;

const minutes = (seconds: number) => Math.max(1, Math.round(seconds / 60));

/** What is asked for a head tonight, before what is missing. */
const askedMlPerHead = ({ evening, chosen, style }: SimmerQuestion['menu']): number =>
  evening.overrides.brothMlPerHead ?? chosen.broth?.mlPerHead ?? style.brothMlPerHead;

/** Broth that leaves the food standing out of it. */
function ofCover({ menu, fit }: SimmerQuestion, pans: readonly PanRounds[]): Unsatisfied[] {
  const { evening } = menu;
  return pans.flatMap(({ pan, fit: filled }) => {
    if (filled.potBrothMl >= filled.coveringMl * COVERED) return [];
    const missingMl = filled.coveringMl - filled.potBrothMl;
    const hasMl = filled.potBrothMl + filled.reserveMl;
    // A tenth more than is missing: what is eaten from a pan is not known here, only what it has for what was asked.
    const perHeadMl = Math.ceil((askedMlPerHead(menu) * (1 + (1.1 * missingMl) / hasMl)) / 25) * 25;
    const canPour = perHeadMl <= 800 && pan === 'main';
    return [
      {
        id: `uncovered-${pan}`,
        text: `The broth does not cover the food${pan === 'aside' ? ' in the small pan' : ''}`,
        because: `Between ${showVolume(filled.solidsMl / fit.rounds, evening.units)} of food there is room for ${showVolume(filled.coveringMl, evening.units)}, and ${showVolume(missingMl, evening.units)} of it are missing. What stands out of it does not cook through.`,
        remedies: canPour
          ? [
              {
                text: `Make ${showVolume(perHeadMl, evening.units)} of broth a head`,
                edit: { kind: 'brothSet', ml: perHeadMl },
              },
            ]
          : [{ text: 'Top it up with hot water and salt' }],
      },
    ];
  });
}

/** The strongest burner of the house that suits the pot, where that is clearly more than there is. */
export function strongerBurner({ vessel, heatSource }: Evening): Advice {
  const [best] = HEAT_SOURCES.filter((one) => standsOn(vessel, one))
    .filter((one) => usefulPowerW(one) >= usefulPowerW(heatSource) * CLEARLY_MORE)
    .sort((a, b) => usefulPowerW(b) - usefulPowerW(a));
  if (!best) return { text: 'Use a stronger burner' };
  return { text: `Use the ${best.name}`, edit: { kind: 'heatSourceChosen', heatSource: best } };
}

/** A flame that hardly brings the pot to the boil, or only with its lid on. */
function ofBoil({ menu }: SimmerQuestion, pans: readonly PanRounds[]): Unsatisfied[] {
  const { evening } = menu;
  return pans.flatMap(({ pan, context, first }): Unsatisfied[] => {
    const name = pan === 'aside' ? 'small pan' : 'pot';
    // The small pan stands on a ring of its own.
    const stronger = pan === 'main' ? strongerBurner(evening) : { text: 'Use a stronger ring for it' };
    if (holdsBoil(context) !== 'open') {
      return [
        {
          id: `lidStays-${pan}`,
          text: `This burner holds the ${name} at the boil only with its lid on`,
          because: `Open, it loses more heat than ${Math.round(context.heat.powerW)} W of ${context.heat.name} bring in. Lift the lid only to add and to look.`,
          remedies: [stronger],
        },
      ];
    }
    const { toBoilS } = first;
    if (toBoilS <= SLOW_BOIL_S) return [];
    return [
      {
        id: `slowBoil-${pan}`,
        text: `The ${name} takes ${minutes(toBoilS)} minutes to boil`,
        because: `${Math.round(context.heat.powerW)} W of ${context.heat.name} are little for so much broth.`,
        remedies: [stronger],
      },
    ];
  });
}

/** Cold food that stops the boil for long; the time for it is in the plan. */
function ofLoad({ menu }: SimmerQuestion, pans: readonly PanRounds[]): Unsatisfied[] {
  const { evening } = menu;
  return pans.flatMap(({ pan, first, finish, fit }) => {
    const worst = [...first.timed.groups, ...(finish?.timed.groups ?? [])].reduce(
      (most, group) => (group.recoveryS > most.recoveryS ? group : most),
      { recoveryS: 0, pieces: [] as ReadonlyArray<{ massG: number }> },
    );
    if (worst.recoveryS <= LONG_COLD_S) return [];
    const massG = sum(worst.pieces.map((piece) => piece.massG));
    const told = { coldS: worst.recoveryS, massG, brothMl: fit.potBrothMl, units: evening.units };
    const remedies = [{ text: 'Put it in by halves, and let it boil in between' }];
    return [{ ...stopsBoil(`load-${pan}`, told), remedies }];
  });
}

/** More at one moment than hands put in. */
function ofHands(pans: readonly PanRounds[]): Unsatisfied[] {
  return pans.flatMap(({ pan, first, later, finish }) => {
    const groups = [first, later, finish].flatMap((course) => course?.timed.groups ?? []);
    const most = groups.filter(isTooMuch).sort((a, b) => handsS(b.pieces) - handsS(a.pieces))[0];
    if (!most) return [];
    return [
      {
        id: `hands-${pan}`,
        text: `${most.pieces.length} things go in at one moment`,
        because: `To lay them in takes one pair of hands about ${spanText(handsS(most.pieces))}, and none of them can go in sooner.`,
        remedies: [{ text: 'Lay them out on one plate and slide them in, or let somebody help' }],
      },
    ];
  });
}

/** It tells of a pot that is slow to boil. */
export const isOfSlowBoil = ({ id }: Pick<Unsatisfied, 'id'>): boolean => id === 'slowBoil-main';

const WINDOW = 'window-';
/** It tells of the window of one piece. */
export const isOfWindows = ({ id }: Unsatisfied): boolean => id.startsWith(WINDOW);

function ofWindows({ menu }: SimmerQuestion, pieces: readonly SimmerPiece[]): Unsatisfied[] {
  return pieces
    .filter((piece) => !piece.inWindow || !piece.safe)
    .map((piece) => {
      const { name, cuts } = menu.catalogue.byId(piece.ingredientId);
      return {
        id: `${WINDOW}${piece.id}`,
        text: `The ${cuts[piece.cut]?.short ?? name} does not get the time it needs`,
        because: 'Its time does not meet that of the rest.',
        remedies: [{ text: 'Cut it another way' }],
      };
    });
}

/** A pot that carries it with a drawback. */
function ofVessel({ menu }: SimmerQuestion): Unsatisfied[] {
  const { evening, style } = menu;
  const { verdict, because } = vesselSuits(evening, style);
  if (verdict === 'suits') return [];
  const better = VESSELS.filter((vessel) => vesselSuits(evening, style, vessel).verdict === 'suits');
  return [
    {
      id: 'vesselFit',
      text: `The ${evening.vessel.name} carries this pot, with a drawback`,
      because: `${because.join('. ')}.`,
      remedies: better.slice(0, 1).map((vessel) => ({
        text: `Use the ${vessel.name}`,
        edit: { kind: 'vesselChosen' as const, vessel },
      })),
    },
  ];
}

/**
 * What an evening asks for that this pot, this flame or this much food cannot give, with why and what mends it.
 * @param tableS from the first food to the end, in s
 */
export function unsatisfied(
  question: SimmerQuestion,
  pans: readonly PanRounds[],
  pieces: readonly SimmerPiece[],
  tableS: number,
): Unsatisfied[] {
  return [
    ...ofVessel(question),
    ...ofBoil(question, pans),
    ...ofCover(question, pans),
    ...ofLoad(question, pans),
    ...ofHands(pans),
    ...ofRoom(question, tableS),
    ...ofWindows(question, pieces),
  ];
}
