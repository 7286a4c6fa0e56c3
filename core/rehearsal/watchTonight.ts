import type { PotPlan } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import { andList } from '../measures/andList';
import { capital } from '../measures/capital';
import { spanText } from '../simmer/because';
import { ASLEEP_S, FOUND_AFTER_S, type Mishap } from './mishaps';
import type { EveningRehearsed } from './rehearsed';

/** Something that a rehearsal showed and that is to be watched when it is cooked. */
export interface ToWatch {
  happened: string;
  tonight: string;
}

/** So many can be kept in mind. */
const MOST = 3;
/** Nobody minds waiting for less than this, in s. */
const LATE_S = 120;

const BY_MISHAP: Record<Mishap, ToWatch> = {
  weakBurner: {
    happened: 'The burner brought a third less than it should.',
    tonight:
      'Say "it boils" when it does: all that follows is timed by that. A litre of water timed to the boil tells beforehand.',
  },
  wind: {
    happened: 'A draught took much of the flame for a while.',
    tonight:
      'Shut the window, and never screen a cartridge. Where it no longer simmers, say so: "something else happened".',
  },
  lateBoil: {
    happened: 'The broth went in cooler than it was planned.',
    tonight: 'Have it as hot as it says before it is poured.',
  },
  forgottenLid: {
    happened: 'The lid was forgotten until something went in.',
    tonight: 'Lid on when it is lit: it is the largest saving of all.',
  },
  forgotten: {
    happened: `One thing stayed on the counter for ${spanText(FOUND_AFTER_S)}.`,
    tonight: 'Tick the counter list before lighting, and look once at the board after each addition.',
  },
  early: {
    happened: 'Something went in long before its time.',
    tonight:
      'What waits is on a plate away from the pot; what went in early is told, and lifted out when it is at its best.',
  },
  frozen: {
    happened: 'Something turned out to be frozen in the middle.',
    tonight: 'Have it in the fridge from the evening before; where it is hard, say "it was frozen".',
  },
  lateGuests: {
    happened: 'The guests were ten minutes late.',
    tonight: 'Wait with what is tender until the door bell has rung; the pot stands just under the boil.',
  },
  boilOver: {
    happened: 'It boiled over, and stood off the fire for a minute.',
    tonight: 'Lid ajar and a hand at the knob as it comes to the boil.',
  },
  phoneAsleep: {
    happened: `Nobody looked at the phone for ${spanText(ASLEEP_S)}.`,
    tonight: 'Bell on, the phone by the burner; it goes on by itself when it is looked at.',
  },
};

/** What came out of its window, by its name. */
function outOfWindow(catalogue: Catalogue, { simmer }: PotPlan, { score }: EveningRehearsed): ToWatch[] {
  const out = new Set(score.outOfWindow);
  const names = simmer.pieces.flatMap(({ id, ingredientId, cut }) =>
    out.has(id) ? [shortName(catalogue.byId(ingredientId), cut)] : [],
  );
  if (names.length === 0) return [];
  const all = capital(andList([...new Set(names)]));
  return [
    {
      happened: `${all}: out of ${names.length > 1 ? 'their' : 'its'} best.`,
      tonight: 'When it asks you to lift something out, do that before what is next.',
    },
  ];
}

function late({ score }: EveningRehearsed): ToWatch[] {
  return score.lateS < LATE_S
    ? []
    : [
        {
          happened: `People ate ${spanText(score.lateS)} later than planned.`,
          tonight:
            'Light it that much earlier, or ask them for later: the pot waits well before the first addition, and badly after.',
        },
      ];
}

/**
 * The two or three things to watch tonight, by what a rehearsal showed: what was cooked wrong first, then what went wrong
 * around it, then by how much it was late.
 */
export function watchTonight(catalogue: Catalogue, plan: PotPlan, rehearsed: EveningRehearsed): ToWatch[] {
  const around = rehearsed.mishaps.map((one) => BY_MISHAP[one]);
  return [...outOfWindow(catalogue, plan, rehearsed), ...around, ...late(rehearsed)].slice(0, MOST);
}

/** How far what was believed of the liquid was from what was true, over a rehearsal: in K, half of the time and at most. */
export function beliefOff({ estimates }: Pick<EveningRehearsed, 'estimates'>): { medianK: number; mostK: number } {
  const off = estimates.map(({ tempC, truthC }) => Math.abs(tempC - truthC)).sort((a, b) => a - b);
  return { medianK: off[Math.floor(off.length / 2)] ?? 0, mostK: off.at(-1) ?? 0 };
}
