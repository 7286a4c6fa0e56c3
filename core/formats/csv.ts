import type { FieldError, PantryItem, ShoppingItem } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { FORMULAS } from '../catalogue/formulas';
import { thingNamed } from '../catalogue/findFood';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { gramsTyped } from '../measures/gramsTyped';

/** Comma-separated values after RFC 4180: lines end with CR LF, and what needs quotes has them. */
const RFC_4180 = { newline: '\r\n', header: true } as const;

/** What reads and writes it, loaded when it is first asked for. */
const csv = async () => (await import('papaparse')).default;

/** The shopping list as CSV, a row for each thing. */
export async function shoppingCsv(catalogue: Catalogue, items: readonly ShoppingItem[]): Promise<string> {
  return (await csv()).unparse(
    items.map((item) => ({
      section: item.section,
      ingredient: catalogue.byId(item.ingredientId).name,
      id: item.ingredientId,
      need_g: Number(item.needG.toFixed(1)),
      have_g: Number(item.haveG.toFixed(1)),
      buy_count: item.buy.count,
      buy_unit: item.buy.unit,
      buy: item.buy.text,
      left_g: Number(item.leftG.toFixed(1)),
    })),
    RFC_4180,
  );
}

/** The pantry as CSV, which `pantryFromCsv` reads back. */
export async function pantryCsv(items: readonly PantryItem[]): Promise<string> {
  const rows = items.map(({ itemId, massG, bestBefore = '' }) => ({
    item: itemId,
    amount: `${Number(massG.toFixed(1))} g`,
    best_before: bestBefore,
  }));
  return (await csv()).unparse({ fields: ['item', 'amount', 'best_before'], data: rows }, RFC_4180);
}

const plain = (text: string) => text.trim().toLowerCase();

/** An ingredient or formula by its id, its name, or what else it is called. */
const itemNamed = (text: string): string | undefined => thingNamed(text, [...INGREDIENTS, ...FORMULAS])?.id;

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const isDay = (text: string) => DAY.test(text) && !Number.isNaN(Date.parse(text));

interface Row {
  item?: string;
  amount?: string;
  best_before?: string;
}

function readRow(row: Row, line: number, now: string): PantryItem | FieldError {
  const itemId = itemNamed(row.item ?? '');
  if (!itemId) {
    return {
      field: `line ${line}, item`,
      message: `"${row.item ?? ''}" is not in the catalogue`,
      fix: 'Write the name as the shopping list has it, as in "dried kelp".',
    };
  }
  const ingredient = INGREDIENTS.find((one) => one.id === itemId);
  const massG = gramsTyped(row.amount ?? '', ingredient ?? ingredientById('water'), 'metric');
  if (massG === undefined) {
    return {
      field: `line ${line}, amount`,
      message: `"${row.amount ?? ''}" is no amount`,
      fix: 'Write it as in "250 g", "500 ml" or "1½ tbsp".',
    };
  }
  const bestBefore = row.best_before?.trim() || undefined;
  if (bestBefore !== undefined && !isDay(bestBefore)) {
    return {
      field: `line ${line}, best_before`,
      message: `"${bestBefore}" is no day`,
      fix: 'Write it as in "2026-12-08", or leave it empty.',
    };
  }
  return { itemId, massG, bestBefore, changedAt: now };
}

/**
 * Reads a pantry from CSV with the columns `item`, `amount` and `best_before`.
 * @param now when it is read, as the moment of the count
 * @returns what could be read, and what could not with its line, field and fix; nothing is guessed
 */
export async function pantryFromCsv(text: string, now: string): Promise<{ items: PantryItem[]; faults: FieldError[] }> {
  const { data, meta } = (await csv()).parse<Row>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: plain,
  });
  const missing = ['item', 'amount'].filter((name) => !meta.fields?.includes(name));
  if (missing.length > 0) {
    return {
      items: [],
      faults: missing.map((name) => ({
        field: `column ${name}`,
        message: `There is no column "${name}"`,
        fix: 'The first line names the columns: item,amount,best_before.',
      })),
    };
  }
  const read = data.map((row, index) => readRow(row, index + 2, now));
  return {
    items: read.flatMap((one) => ('itemId' in one ? [one] : [])),
    faults: read.flatMap((one) => ('field' in one ? [one] : [])),
  };
}
