import type { PotPlan, SimmerPiece } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { spanText } from './because';
import { shortName } from '../catalogue/shortName';
import { andList } from '../measures/andList';
import { capital } from '../measures/capital';

/** Something that a change does to the pot. */
export interface Difference {
  /** A change of safety is told before everything. */
  kind: 'raw' | 'time' | 'piece' | 'rounds' | 'past';
  text: string;
}

/** Less than this nobody changes their evening for, in s. */
const WORTH_TELLING_S = 20;
const MINUTE_S = 60;

const ofOneRound = ({ simmer }: PotPlan): Map<string, SimmerPiece> => {
  const first = new Map<string, SimmerPiece>();
  for (const piece of simmer.pieces) {
    const key = `${piece.pan} ${piece.ingredientId} ${piece.cut} ${piece.way}`;
    if (!first.has(key)) first.set(key, piece);
  }
  return first;
};

const inPotS = (piece: SimmerPiece) => piece.outAtS - piece.inAtS;
const named = (catalogue: Catalogue, piece: SimmerPiece) => shortName(catalogue.byId(piece.ingredientId), piece.cut);
/** A time in the pot that a cook would notice has changed: by half a minute, or by a fifth of what is short. */
function isMoved(now: SimmerPiece, before: SimmerPiece): boolean {
  const byS = Math.abs(inPotS(now) - inPotS(before));
  return now.way !== 'swished' && byS >= Math.min(30, Math.max(10, inPotS(before) / 5));
}

/** Names of what moves alike, the rest as a number. */
function together(names: readonly string[]): string {
  if (names.length < 4) return andList(names);
  return `${names.slice(0, 2).join(', ')} and ${names.length - 2} others`;
}

/** What is in for another time than before, alike in one line. */
function moved(
  catalogue: Catalogue,
  pairs: ReadonlyArray<readonly [now: SimmerPiece, before: SimmerPiece]>,
): Difference[] {
  const alike = new Map<string, string[]>();
  for (const [now, before] of pairs) {
    if (!isMoved(now, before)) continue;
    const text = `${spanText(inPotS(now))} before it comes out, was ${spanText(inPotS(before))}`;
    alike.set(text, [...(alike.get(text) ?? []), named(catalogue, now)]);
  }
  return [...alike].map(([text, names]) => ({ kind: 'piece', text: `${capital(together(names))} in ${text}` }));
}

/** What is past its best, or not done, when it is lifted out, which was not so before. */
function outOfWindow(catalogue: Catalogue, now: SimmerPiece, before: SimmerPiece | undefined): Difference[] {
  if (now.inWindow || before?.inWindow === false) return [];
  const overS = now.outAtS - (now.overAtS ?? now.outAtS);
  const lacksS = (now.readyAtS ?? now.outAtS) - now.outAtS;
  if (overS > WORTH_TELLING_S) {
    return [
      {
        kind: 'past',
        text: `${capital(named(catalogue, now))} past its best by ${spanText(overS)} when it is lifted out`,
      },
    ];
  }
  if (lacksS > WORTH_TELLING_S || now.readyAtS === undefined) {
    return [{ kind: 'past', text: `${capital(named(catalogue, now))} not done when it is lifted out` }];
  }
  return [];
}

/**
 * What one plan of a pot does otherwise than another: what becomes raw first, then the evening's times, then each thing.
 * @returns nothing where a cook would do the same
 */
export function differences(catalogue: Catalogue, before: PotPlan, now: PotPlan): Difference[] {
  const old = ofOneRound(before);
  const pieces = [...ofOneRound(now)];
  const raw = pieces.filter(([, piece]) => !piece.safe).map(([, piece]) => named(catalogue, piece));
  const litS = (Date.parse(now.simmer.litAt) - Date.parse(before.simmer.litAt)) / 1000;
  const boilS = (now.simmer.timeToBoilS ?? 0) - (before.simmer.timeToBoilS ?? 0);
  const rounds = (plan: PotPlan) => plan.build.rounds.length;
  return [
    ...raw.map((name): Difference => ({ kind: 'raw', text: `${capital(name)} would not be cooked through` })),
    ...(rounds(now) === rounds(before)
      ? []
      : [
          {
            kind: 'rounds' as const,
            text: `${rounds(now) === 1 ? 'All at once' : `${rounds(now)} rounds`}, was ${rounds(before) === 1 ? 'all at once' : `${rounds(before)} rounds`}`,
          },
        ]),
    ...(Math.abs(litS) < MINUTE_S
      ? []
      : [
          {
            kind: 'time' as const,
            text: `Light the burner ${Math.round(Math.abs(litS) / MINUTE_S)} min ${litS < 0 ? 'earlier' : 'later'}`,
          },
        ]),
    ...(Math.abs(boilS) < WORTH_TELLING_S
      ? []
      : [
          {
            kind: 'time' as const,
            text: `It boils after ${spanText(now.simmer.timeToBoilS ?? 0)}, was ${spanText(before.simmer.timeToBoilS ?? 0)}`,
          },
        ]),
    ...pieces.flatMap(([key, piece]) => outOfWindow(catalogue, piece, old.get(key))),
    ...moved(
      catalogue,
      pieces.flatMap(([key, piece]) => {
        const was = old.get(key);
        return was ? [[piece, was] as const] : [];
      }),
    ),
  ];
}
