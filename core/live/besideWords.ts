import type { Act, Fact, PotPlan, Sighting, Units } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import { andList } from '../measures/andList';
import { capital } from '../measures/capital';
import { showVolume } from '../measures/showMeasure';
import { showLength, showWeight } from '../measures/showSize';
import { extrasIn } from './beside';
import type { LiveState } from './foldLive';
import { liveSteps } from './liveSteps';

/** What is needed to say what was told at a pot: names, and the measures of the house. */
export interface Speaker {
  catalogue: Catalogue;
  units: Units;
  /** What a liquid of the plan is called. */
  liquidName(id: string): string;
  /** What a piece is called, by its id. */
  pieceName(id: string): string;
}

/** A speaker of the evening that is cooked. */
export function speakerOf(catalogue: Catalogue, { taps, started }: Pick<LiveState, 'taps' | 'started'>): Speaker {
  const pieces = [
    ...(started?.plan.simmer.pieces ?? []),
    ...extrasIn({ taps, started }).map(({ food }) => ({ ...food, id: food.pieceId })),
  ];
  const names = new Map(pieces.map(({ id, ingredientId, cut }) => [id, shortName(catalogue.byId(ingredientId), cut)]));
  const liquids = new Map((started?.plan.liquids ?? []).map(({ id, name }) => [id, name]));
  return {
    catalogue,
    units: started?.evening.units ?? 'metric',
    liquidName: (id) => (id === 'water' ? 'water' : (liquids.get(id) ?? (id === 'jug' ? 'what is in the jug' : id))),
    pieceName: (id) => names.get(id) ?? 'something',
  };
}

const WARM_C = 60;

function fireWords({ share, holds }: Extract<Act, { is: 'heat' }>): string {
  if (share === 0) return 'fire off';
  if (holds === 'boil') return 'fire down to a simmer';
  return holds === undefined ? 'full fire' : 'low fire';
}

function actWords({ catalogue, units, liquidName, pieceName }: Speaker, act: Act): string {
  const named = (ids: readonly string[]) => andList([...new Set(ids.map(pieceName))]);
  switch (act.is) {
    case 'added': {
      const name = shortName(catalogue.byId(act.ingredientId), act.cut);
      return `${name} in, ${showWeight(act.massG, units)}${act.frozen ? ', frozen' : ''}`;
    }
    case 'liftedOut':
      return `${named(act.pieceIds)} lifted out`;
    case 'putBack':
      return `${named(act.pieceIds)} put back`;
    case 'eaten':
      return `${named(act.pieceIds)} eaten`;
    case 'poured':
      return `${showVolume(act.ml, units)} of ${act.tempC >= WARM_C ? 'hot' : 'cold'} ${liquidName(act.liquid)} poured in`;
    case 'ladled':
      return `${act.ml === 'all' ? 'all of it' : showVolume(act.ml, units)} ladled into the ${act.to}`;
    case 'heat':
      return fireWords(act);
    case 'lid':
      return `lid ${act.lid}`;
    case 'seasoned':
      return act.with && act.massG
        ? `${showWeight(act.massG, units)} of ${shortName(catalogue.byId(act.with), '')} stirred in`
        : 'seasoned';
    case 'drunk':
      return `${showVolume(act.ml, units)} drunk`;
    case 'dryWork':
      return 'worked in the dry pan';
    case 'light':
      return 'lit';
    case 'skimmed':
    case 'stirred':
    case 'loosened':
    case 'basted':
    case 'scooped':
    case 'rested':
    case 'served':
      return act.is === 'scooped' ? 'spices scooped out' : act.is;
  }
}

const TASTES: Record<Extract<Sighting, { is: 'tasted' }>['says'], string> = {
  weak: 'it tastes weak',
  right: 'it tastes right',
  strong: 'it tastes strong',
  tooHot: 'it is too hot in the mouth',
  tooMild: 'it is too mild',
};

function sightingWords({ units, pieceName }: Speaker, saw: Sighting): string {
  switch (saw.is) {
    case 'boils':
      return 'it boils';
    case 'foams':
      return 'it foams';
    case 'sign':
      return 'the sign is there';
    case 'notYet':
      return saw.pieceId ? `${pieceName(saw.pieceId)} left in` : 'not yet';
    case 'tasted':
      return TASTES[saw.says];
    case 'ruler':
      return `it stands ${showLength(saw.depthMm, units)} deep`;
    case 'probe':
      return `${saw.pieceId ? pieceName(saw.pieceId) : 'the broth'}: ${Math.round(saw.tempC)} °C`;
    case 'shown':
      return 'opened';
  }
}

/** What a fact says, as it is read back to the cook: `200 ml of hot water poured in`. */
export const factWords = (speaker: Speaker, { act, saw }: Fact): string =>
  act ? actWords(speaker, act) : sightingWords(speaker, saw!);

/** Something that was told at the pots, on their clock in s. */
export interface ToldLine {
  eventId: string;
  atS: number;
  text: string;
  /** No plan asked for it. */
  isBeside: boolean;
}

/** Titles of the steps of a plan, by the id of each of its acts. */
function titlesOf(catalogue: Catalogue, { simmer, program }: PotPlan): Map<string, string> {
  const byLine = new Map(
    liveSteps(catalogue, simmer).flatMap(({ actions, title }) => actions.map(({ id }) => [id, title] as const)),
  );
  return new Map(program.acts.map(({ id, actionId }) => [id, byLine.get(actionId) ?? actionId]));
}

/**
 * All that was told at the pots, as it is read back, in order: what was asked for by its step, all else by what it is. Each
 * line is one tap, and can be taken back by itself.
 */
export function toldLines(catalogue: Catalogue, state: Pick<LiveState, 'taps' | 'notYet' | 'started'>): ToldLine[] {
  const { started, taps, notYet } = state;
  if (!started) return [];
  const speaker = speakerOf(catalogue, state);
  const titles = new Map(
    [...started.earlier, started].map(({ planId, plan }) => [planId, titlesOf(catalogue, plan)] as const),
  );
  const line = ({ eventId, facts, atS }: LiveState['taps'][number], isNotYet: boolean): ToldLine => {
    const answered = facts.flatMap(({ answers }) =>
      answers ? (titles.get(answers.planId)?.get(answers.actId) ?? []) : [],
    );
    const beside = facts.filter(({ answers }) => !answers);
    const words = [...new Set([...answered, ...beside.map((fact) => capital(factWords(speaker, fact)))])];
    const text = words.join('; ');
    return {
      eventId,
      atS,
      text: isNotYet && answered.length > 0 ? `Not yet: ${text}` : text,
      isBeside: answered.length === 0,
    };
  };
  return [...taps.map((one) => line(one, false)), ...notYet.map((one) => line(one, true))].sort(
    (a, b) => a.atS - b.atS,
  );
}
