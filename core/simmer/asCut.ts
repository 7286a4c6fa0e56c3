import type { Catalogue } from '../catalogue/catalogue';
import { minutesAtBoil, safeMinutesAtBoil, wantedOf } from '../doneness/wanted';
import type { Menu } from '../evening/menu';
import type { AdditionModel, CookWindow } from './additionModel';
import { seared } from './swished';

type Tonight = Pick<Menu, 'evening' | 'catalogue'>;

/** How a piece is tonight, where that is not as its cut has it. */
export interface AsCut {
  thicknessMm?: number;
  frozen?: boolean;
}

/** How thick a thing is cut tonight, and whether it goes in frozen; nothing where it is as its cut has it. */
export function asCutTonight({ evening, catalogue }: Tonight, ingredientId: string, cut: string): AsCut {
  const { overrides, choices } = evening;
  const thicknessMm = overrides.thicknessMm?.[ingredientId]?.[cut];
  return {
    ...(thicknessMm === undefined ? {} : { thicknessMm }),
    ...(choices.frozen?.includes(ingredientId) || catalogue.byId(ingredientId).kept === 'freezer'
      ? { frozen: true }
      : {}),
  };
}

/** The window of a slice on the pan: it lies there longer by what its best time is longer for. */
function searedFor(
  catalogue: Catalogue,
  window: CookWindow,
  slice: { ingredientId: string; cut: string },
  tonight: AsCut,
  boilingC: number,
): CookWindow {
  const bestOf = (one: AsCut) => seared(catalogue, { ...slice, ...one }, boilingC, 0).bestS;
  const longerS = bestOf(tonight) - bestOf({});
  const { leastS, bestS, mostS, ...others } = window;
  return {
    ...others,
    safeS: window.safeS + longerS,
    leastS: leastS + longerS,
    bestS: bestS + longerS,
    mostS: mostS + longerS,
  };
}

/**
 * The same model for an evening on which things are cut thicker or thinner, go in frozen, or go in when the cook says: a
 * window is moved by what its best time at 100 °C is longer or shorter for such a piece, and what is safe by what the largest
 * of them needs.
 */
export function asCut(model: AdditionModel, tonight: Tonight): AdditionModel {
  const { evening, catalogue } = tonight;
  const { thicknessMm = {}, minutesInPot = {} } = evening.overrides;
  const { frozen = [] } = evening.choices;
  if (frozen.length + Object.keys({ ...thicknessMm, ...minutesInPot }).length === 0) return model;
  return {
    ...model,
    inPotS: (ingredientId, cut) => {
      const minutes = minutesInPot[ingredientId]?.[cut];
      return minutes === undefined ? undefined : minutes * 60;
    },
    cookWindow(ingredientId, cutId, pan, way = 'simmered') {
      const window = model.cookWindow(ingredientId, cutId, pan, way);
      const cutAs = asCutTonight(tonight, ingredientId, cutId);
      const what = catalogue.byId(ingredientId);
      const cut = what.cuts[cutId];
      const row = cut?.cooks?.[way === 'swished' ? 'swished' : 'simmered'];
      // What stands in a stack is as thick as its stack.
      if (!cut || !row || way === 'stacked' || Object.keys(cutAs).length === 0) return window;
      if (way === 'seared') return searedFor(catalogue, window, { ingredientId, cut: cutId }, cutAs, pan.boilingC);
      const wanted = wantedOf(what, cut, row);
      const usualMin = minutesAtBoil(what, cut, wanted, wanted.bestMin);
      if (usualMin <= 0) return window;
      const times = minutesAtBoil(what, cut, wanted, wanted.bestMin, cutAs) / usualMin;
      const usualSafeMin = safeMinutesAtBoil(what, cut, wanted);
      const safeTimes = usualSafeMin > 0 ? safeMinutesAtBoil(what, cut, wanted, cutAs) / usualSafeMin : times;
      const safeS = window.safeS * safeTimes;
      // The largest piece may need more for it than the mean one is longer best for.
      const longer = (seconds: number) => Math.max(seconds * times, safeS);
      return {
        leastS: longer(window.leastS),
        bestS: longer(window.bestS),
        mostS: longer(window.mostS),
        safeS,
        sign: window.sign,
      };
    },
  };
}
