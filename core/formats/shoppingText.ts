import type { ShoppingItem } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { Section } from '../catalogue/pack';

/** The sections of a shop in words. */
export const SECTION_WORDS: Readonly<Record<Section, string>> = {
  vegetables: 'Vegetables',
  mushrooms: 'Mushrooms',
  tofuAndEggs: 'Tofu and eggs',
  meat: 'Meat',
  fish: 'Fish',
  noodlesAndRice: 'Noodles and rice',
  driedGoods: 'Dried goods',
  sauces: 'Sauces and seasonings',
  spices: 'Spices',
};

/**
 * The shopping list as plain text to send to somebody, by section, without what is in the house.
 * @param title a line to stand above it
 */
export function shoppingText(catalogue: Catalogue, title: string, items: readonly ShoppingItem[]): string {
  const missing = items.filter((item) => item.buy.count > 0);
  const sections = [...new Set(missing.map((item) => item.section))];
  const blocks = sections.map((section) =>
    [
      SECTION_WORDS[section as Section],
      ...missing
        .filter((item) => item.section === section)
        .map((item) => `- ${catalogue.byId(item.ingredientId).name}: ${item.buy.text}`),
    ].join('\n'),
  );
  return [title, ...blocks].join('\n\n') + '\n';
}
