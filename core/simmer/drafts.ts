import type { ActOf, SimmerPiece } from '@elixa/contract';
import type { Stage } from '../catalogue/style';
import type { Pan } from '../diners/table';
import type { Menu } from '../evening/menu';
import { DRY_WORDS } from '../evening/vesselFit';
import { KEPT_C, POURED_C } from '../heat/givens';
import { andList } from '../measures/andList';
import { showMeasure } from '../measures/showMeasure';
import { sum } from '../measures/sum';
import { NOTHING } from '../pot/state';
import type { Moment } from '../program/settle';
import { heldShareOf, type BrothStrength, type TimedPan } from './panRounds';
import { capital } from '../measures/capital';

export interface ActionQuestion {
  menu: Menu;
  strength: Readonly<Record<Pan, BrothStrength>>;
  boilingC: number;
  /** What goes into the pots, with its stage and the cold spell that it makes. */
  going: ReadonlyArray<{ piece: SimmerPiece; stageId: string; recoveryS: number }>;
  seared: readonly SimmerPiece[];
  swished: readonly SimmerPiece[];
  endsAtS: number;
  /** When each round is ready, and each go of the finish. */
  readyAtS: readonly number[];
  finishReadyAtS: readonly number[];
  /** The round that is the first filling of the pot. */
  firstRound: number;
  pans: readonly TimedPan[];
  /** As plans were told when logs named steps by their number. */
  asInVersion1?: true;
}

export type Draft = Moment;

export const where = (pan: Pan) => (pan === 'aside' ? 'the small pan' : 'the pot');

/** What is done at a stage, said of the pan that it is done in. */
export function saidIn(pan: Pan, says: string): string {
  if (pan === 'main') return says;
  return /into (the pot|its side)/.test(says) ? 'Broth into the small pan' : `${says}, in the small pan`;
}

/** Where a thing goes: into the pot, the small pan, or one of two broths or both. */
export function into({ food, sides }: Menu, { ingredientId, pan }: Pick<SimmerPiece, 'ingredientId' | 'pan'>): string {
  const on = pan === 'main' && sides ? food.find((one) => one.ingredientId === ingredientId)?.where : undefined;
  if (!sides || !on) return where(pan);
  return on === 'both' ? 'both broths' : `the ${sides.names[on].toLowerCase()}`;
}

export const isDry = (stage: Stage) => DRY_WORDS.includes(stage.do);
export const shown = (
  { catalogue, evening }: Menu,
  { ingredientId, cut, massG }: Pick<SimmerPiece, 'ingredientId' | 'cut' | 'massG'>,
) => {
  const what = catalogue.byId(ingredientId);
  const { text } = showMeasure(massG, what, evening.units, cut);
  // It was weighed before it soaked.
  return what.cuts[cut]?.soaks === undefined ? text : `${text} dry`;
};

/** What `{in}` stands for, a stage said in tonight's words. */
export function stageSays(stage: Stage, names: readonly string[]): string {
  const said = stage.says.replace('{in}', andList(names) || 'what is left');
  const laid = stage.how ? `${said}: ${stage.how}` : said;
  return capital(laid);
}

/** What is said of a broth that is poured, and that it is poured boiling where the cook wants it so. */
export const hot = (says: string, { pour }: Pick<Menu, 'pour'>): string =>
  pour.heated ? `${says}, boiling hot` : says;

/** A reserve is kept so hot beside the pot, water comes from the kettle, in °C. Kitchen estimates. */
const RESERVE_C = 85;
const KETTLE_C = 95;
/** What stands in the jug since the filling before, in °C. Kitchen estimate, 40-65. */
const JUG_C = 50;

/** Broth that is poured into a pan without what is held back of it, in ml of all of it. */
export const withoutHeldMl = ({ strength }: Pick<ActionQuestion, 'strength'>, pan: Pan, wholeMl: number): number =>
  wholeMl * (1 - heldShareOf(strength[pan].held));

/**
 * Broth that is poured into a pan, from where it was made or from the reserve, without what is held back of it.
 * @param wholeMl with what is held back
 */
export function brothPoured(
  { menu, strength, boilingC }: ActionQuestion,
  pan: Pan,
  wholeMl: number,
  from: 'pour' | 'reserve',
): ActOf<'poured'> {
  const { saltPct, sugarPct, held } = strength[pan];
  const ml = withoutHeldMl({ strength }, pan, wholeMl);
  /** What is held back brings this much of salt or sugar itself, in g a ml. */
  const laterG = (of: 'saltPct' | 'sweetnessPct') =>
    sum(
      held.flatMap(({ parts }) =>
        parts.map(({ ingredientId, gPerMl }) => (gPerMl * menu.catalogue.byId(ingredientId)[of]) / 100),
      ),
    );
  const saltG = wholeMl * Math.max(0, saltPct / 100 - laterG('saltPct'));
  const sugarG = wholeMl * Math.max(0, sugarPct / 100 - laterG('sweetnessPct'));
  const tempC = from === 'reserve' && !menu.pour.anew ? RESERVE_C : POURED_C[menu.pour.at];
  const contents = { ...NOTHING, waterG: ml - saltG - sugarG, saltG, sugarG };
  return { is: 'poured', liquid: menu.chosen.broth?.id ?? 'water', ml, tempC: Math.min(tempC, boilingC), contents };
}

/** What was ladled out of a pan before it was filled anew, back into it: all that was held back is in it. */
export function jugPoured({ strength, boilingC }: ActionQuestion, pan: Pan, ml: number): ActOf<'poured'> {
  const { saltPct, sugarPct } = strength[pan];
  const [saltG, sugarG] = [(ml * saltPct) / 100, (ml * sugarPct) / 100];
  const contents = { ...NOTHING, waterG: ml - saltG - sugarG, saltG, sugarG };
  return {
    is: 'poured',
    liquid: 'jug',
    ml,
    tempC: Math.min(JUG_C, boilingC),
    contents,
  };
}

/** Water from the kettle. */
export const waterPoured = ({ boilingC }: Pick<ActionQuestion, 'boilingC'>, ml: number): ActOf<'poured'> => ({
  is: 'poured',
  liquid: 'water',
  ml,
  tempC: Math.min(KETTLE_C, boilingC),
  contents: { ...NOTHING, waterG: ml },
});

/** A pan that things were fried in is so hot when the liquid is poured, in °C. Kitchen estimate, 120-180. */
export const FRIED_IN_C = 140;
/** Browned food goes on from here, in °C all through. Kitchen estimate, 45-75. */
const BROWNED_C = 60;
/** What stands in a stack is warmed through its neighbours, as something so thick is. Kitchen estimate, 16-25 mm. */
const STACKED_MM = 20;

/** A piece as it goes into the bath; none that its guest holds in it, or that sears in the dry pan. */
export function addedOf({ catalogue }: Pick<Menu, 'catalogue'>, piece: SimmerPiece): ActOf<'added'>[] {
  const { id, ingredientId, cut, massG, way, thicknessMm, frozen, round } = piece;
  if (way === 'swished' || way === 'seared') return [];
  const mm = way === 'stacked' ? STACKED_MM : thicknessMm;
  const what = catalogue.byId(ingredientId);
  return [
    {
      is: 'added',
      pieceId: id,
      ingredientId,
      cut,
      massG,
      ...(mm === undefined ? {} : { thicknessMm: mm }),
      ...(frozen ? { frozen } : {}),
      ...(way === 'fried' ? { tempC: BROWNED_C } : {}),
      // What came hot out of its broth has waited for a later round in the fridge.
      ...(round > 1 && what.cuts[cut]?.goesInC !== undefined ? { tempC: KEPT_C[what.kept] } : {}),
    },
  ];
}
