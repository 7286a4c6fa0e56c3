import type { Edit, Evening } from '@elixa/contract';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import type { Style } from '../catalogue/style';
import { styleById } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';
import { withVessel } from './withVessel';

/** A kitchen scale shows whole grams. */
const wholeG = (grams: number) => Math.max(1, Math.round(grams));

function lessFood(evening: Evening, { items }: Style, share: number): Evening {
  const asked = evening.overrides.gramsPerHead;
  const less = items
    .filter((item) => item.purpose === 'pot')
    .map((item) => [item.ingredientId, wholeG((asked?.[item.ingredientId] ?? item.gramsPerHead) * share)] as const)
    .filter(([id]) => asked?.[id] !== 0);
  return {
    ...evening,
    overrides: { ...evening.overrides, gramsPerHead: { ...asked, ...Object.fromEntries(less) } },
  };
}

/**
 * The evening with a change made that its plan suggested.
 * @throws RangeError when the change names a pot, a burner or a style that does not exist
 * @example applyEdit(evening, { kind: 'brothMlPerHead', ml: 300 }).overrides.brothMlPerHead // 300
 */
export function applyEdit(evening: Evening, edit: Edit): Evening {
  const { overrides } = evening;
  switch (edit.kind) {
    case 'gramsPerHead':
      return {
        ...evening,
        overrides: {
          ...overrides,
          gramsPerHead: { ...overrides.gramsPerHead, [edit.ingredientId]: wholeG(edit.grams) },
        },
      };
    case 'lessFood': {
      const style = styleById(evening.style.id);
      if (!style) throw new RangeError(`There is no style "${evening.style.id}"`);
      return lessFood(evening, style, edit.share);
    }
    case 'brothMlPerHead':
      return { ...evening, overrides: { ...overrides, brothMlPerHead: edit.ml } };
    case 'vessel': {
      const vessel = VESSELS.find((one) => one.id === edit.vesselId);
      if (!vessel) throw new RangeError(`There is no pot "${edit.vesselId}"`);
      return withVessel(evening, vessel);
    }
    case 'heatSource': {
      const heatSource = HEAT_SOURCES.find((one) => one.id === edit.heatSourceId);
      if (!heatSource) throw new RangeError(`There is no burner "${edit.heatSourceId}"`);
      return { ...evening, heatSource };
    }
    case 'swapForEveryone':
      return {
        ...evening,
        choices: {
          ...evening.choices,
          swaps: evening.choices.swaps.map((swap) =>
            edit.ingredientIds.includes(swap.ingredientId) ? { ...swap, scope: 'everyone' } : swap,
          ),
        },
      };
    case 'service':
      return { ...evening, service: edit.service };
  }
}
