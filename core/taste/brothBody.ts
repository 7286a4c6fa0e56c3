import type { Liquid, PotPlan } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { Ingredient } from '../catalogue/ingredient';
import { andList } from '../measures/andList';
import { sum } from '../measures/sum';

/**
 * Share of a food's fat that runs into the broth while it cooks in it; lean muscle holds its own. Kitchen estimates, half
 * to twice: a pot's time is short, and what melts is what lies at the edge.
 */
const RUNS_OUT: Partial<Record<Ingredient['family'], number>> = { poultry: 0.15, meat: 0.15, fish: 0.06, tofu: 0.02 };
/** From so much on a part of a liquid is fat, by its mass; pastes of nuts and seeds are stirred in and float no more. */
const IS_FAT = 0.85;
/** From so much cloud a bowl hides its bottom: miso, soy milk, nuts. On the scale of `bowlColour`. */
const IS_CLOUDY = 0.3;

/** How much fat floats on a litre, in words; from g in a litre. Kitchen estimates. */
const FAT_WORDS = [
  [0, 'lean'],
  [1.5, 'a few drops of fat'],
  [5, 'eyes of fat all over'],
  [14, 'a shining film of fat'],
  [35, 'a layer of fat'],
] as const;

/** What simmering food makes of the broth around it. */
export interface BrothBody {
  /** Fat on a litre of broth, in g, and the thing that brings most of it, where it is worth a word. */
  fatGPerL: number;
  fatOf?: string;
  /** Fat in words, and how clear the broth stays, a phrase each. */
  fat: string;
  clearness: string;
}

const runsOut = ({ fatRunsOut, family }: Ingredient): number => fatRunsOut ?? RUNS_OUT[family] ?? 0;
const spoken = ({ name, cuts }: Ingredient) => Object.values(cuts)[0]?.short ?? name.split(',')[0]!;

/**
 * What the food does to the fat and the clearness of the broth that it cooks in.
 * @param food what cooks in it, in g, raw
 * @param broth with its parts: oil and tallow float on it
 * @param ml of broth that they share
 */
export function brothBody(
  catalogue: Catalogue,
  food: ReadonlyArray<{ ingredientId: string; massG: number }>,
  broth: Pick<Liquid, 'ingredients'> | undefined,
  ml: number,
): BrothBody {
  const given = food.map(({ ingredientId, massG }) => {
    const what = catalogue.byId(ingredientId);
    return { what, fatG: massG * what.composition.fat * runsOut(what) };
  });
  const floating = (broth?.ingredients ?? []).flatMap(({ ingredientId, massG }) => {
    const what = catalogue.byId(ingredientId);
    return what.composition.fat >= IS_FAT ? [{ what, fatG: massG * what.composition.fat }] : [];
  });
  const all = [...given, ...floating].sort((a, b) => b.fatG - a.fatG);
  const fatGPerL = ml > 0 ? (sum(all.map(({ fatG }) => fatG)) / ml) * 1000 : 0;
  const fat = FAT_WORDS.reduce<string>((word, [from, words]) => (fatGPerL >= from ? words : word), FAT_WORDS[0][1]);
  const clouds = given.filter(({ what }) => what.leavesCloud || what.perils.includes('cloudsAndSplits'));
  const cloudy = (broth?.ingredients ?? []).map(({ ingredientId, massG }) => {
    const what = catalogue.byId(ingredientId);
    return { what, weight: ml > 0 ? ((what.tint?.clouds ?? 0) * massG * 100) / ml : 0 };
  });
  const isCloudy = sum(cloudy.map(({ weight }) => weight)) >= IS_CLOUDY;
  const foams = given.filter(({ what }) => what.foams && !what.leavesCloud);
  const names = (list: typeof given) => andList([...new Set(list.map(({ what }) => spoken(what)))]);
  return {
    fatGPerL,
    ...(fatGPerL >= FAT_WORDS[1][0] && all[0] ? { fatOf: spoken(all[0].what) } : {}),
    fat,
    clearness: isCloudy
      ? 'cloudy by nature'
      : clouds.length > 0
        ? `clouded by ${names(clouds)}`
        : foams.length > 0
          ? `clear once the foam of ${names(foams)} is skimmed`
          : 'stays clear',
  };
}

/** The same of a planned pot; none where a sauce is poured, or nothing is. */
export function brothBodyOf(catalogue: Catalogue, { amounts, build, liquids }: PotPlan): BrothBody | undefined {
  const broth = liquids.find((one) => one.kind === 'broth' && one.place === 'pot');
  if (!broth || build.liquid === 'sauce') return undefined;
  const inPot = amounts.filter((one) => one.purpose === 'pot');
  return brothBody(catalogue, inPot, broth, broth.finishedMl);
}
