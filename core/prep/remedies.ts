import type { Edit, Evening, Remedy } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { brothsOf, chosenLiquids } from '../evening/chosenLiquids';
import type { Style } from '../catalogue/style';
import { isBoughtReady, prepWorkOf } from '../catalogue/prepWork';
import { schoolOf } from '../catalogue/school';
import { styleById } from '../catalogue/styles';
import { askedPerHeadG } from '../diners/helpings';
import { applyEdits } from '../evening/edits/applyEdit';
import { slotsOf } from '../evening/tonight';
import type { Steps } from '../steps/steps';
import { shiftIso } from '../time/shiftIso';
import { capital } from '../measures/capital';

/** A change of the evening that may save time. */
interface Change {
  id: string;
  /** Of two answers to one question only one can be taken. */
  question?: string;
  /** Somebody has to go to the shop for it, or to help. */
  needs?: 'shop' | 'help';
  text: string;
  /** It is the same as making these by hand. */
  edits: Edit[];
}

function schoolChanges(evening: Evening, style: Style): Change[] {
  const { schools } = evening.style;
  const ofBroths = brothsOf(chosenLiquids(evening, style)).flatMap((formula) => formula.schools);
  const choices = new Map([...style.schools, ...ofBroths].map((choice) => [choice.id, choice]));
  // What is a matter of taste, or of yesterday, saves no time worth asking for.
  return [...choices.values()]
    .filter((choice) => !choice.ofTaste)
    .flatMap((choice) =>
      choice.options
        .filter((option) => option.id !== schoolOf(choice, schools))
        .map((option) => ({
          id: `school-${choice.id}-${option.id}`,
          question: choice.id,
          text: capital(`${choice.question}: ${option.label.toLowerCase()}`),
          edits: [{ kind: 'schoolFollowed' as const, question: choice.id, option: option.id }],
        })),
    );
}

function boughtChanges(evening: Evening, style: Style): Change[] {
  const catalogue = catalogueOf(evening);
  const { pot, finish } = slotsOf(evening, style);
  return [...pot, ...finish]
    .filter((item) => !evening.choices.leaveOut.includes(item.ingredientId))
    .flatMap((item) => {
      const what = catalogue.byId(item.ingredientId);
      const cut = item.cuts[0]?.cut ?? '';
      const words = prepWorkOf(what, cut, evening.style.schools).bought;
      if (!words || isBoughtReady(evening, what, cut)) return [];
      return [
        {
          id: `bought-${what.id}`,
          needs: 'shop' as const,
          text: capital(`${what.name.split(',')[0]}: bought ${words}`),
          edits: [{ kind: 'boughtReady' as const, ingredientId: what.id, bought: true }],
        },
      ];
    });
}

/** How many of the slowest vegetables a smaller set does without. */
const SMALLER_BY = 3;

function smallerSet(evening: Evening, style: Style): Change[] {
  const catalogue = catalogueOf(evening);
  const { leaveOut } = evening.choices;
  const plants = slotsOf(evening, style)
    .pot.filter((item) => !leaveOut.includes(item.ingredientId))
    .filter((item) => ['root', 'mushroom', 'allium', 'leaf'].includes(catalogue.byId(item.ingredientId).family));
  if (plants.length <= SMALLER_BY + 1) return [];
  const minutes = (item: (typeof plants)[number]) => {
    const work = prepWorkOf(catalogue.byId(item.ingredientId), item.cuts[0]?.cut ?? '');
    return work.fixedMin + (work.minPer100G * askedPerHeadG(evening, item) * evening.diners.length) / 100;
  };
  // Leaves carry the pot; what takes longest for its weight is missed least.
  const slow = [...plants]
    .sort((a, b) => minutes(b) / b.rangeG[1] - minutes(a) / a.rangeG[1])
    .slice(0, SMALLER_BY)
    .map((item) => item.ingredientId);
  const names = slow.map((id) => catalogue.byId(id).name).join(', ');
  return [
    {
      id: 'smallerSet',
      text: `A smaller set, without ${names}`,
      edits: slow.map((ingredientId) => ({ kind: 'leftOut', ingredientId })),
    },
  ];
}

function otherChanges(evening: Evening, style: Style): Change[] {
  const { broth, ahead } = chosenLiquids(evening, style);
  const changes: Change[] = [];
  if (evening.cooks < 2) {
    changes.push({
      id: 'secondCook',
      needs: 'help',
      text: 'Ask somebody to help',
      edits: [{ kind: 'handsSet', cooks: 2 }],
    });
  }
  const quick = style.quickBroth;
  if (quick && broth?.id !== quick.formulaId) {
    changes.push({
      id: 'quickBroth',
      text: quick.says,
      edits: [{ kind: 'liquidsChosen', liquids: { broth: quick.formulaId } }],
    });
  }
  if (ahead.some((formula) => formula.kind === 'marinade')) {
    const without = ahead.filter((formula) => formula.kind !== 'marinade').map((formula) => formula.id);
    changes.push({
      id: 'noMarinade',
      text: 'Without the marinade; the dip carries more',
      edits: [{ kind: 'liquidsChosen', liquids: { ahead: without } }],
    });
  }
  return changes;
}

/** Every change that may save time. */
export function changesFor(evening: Evening): Change[] {
  const style = styleById(evening.style.id);
  if (!style) return [];
  return [
    ...schoolChanges(evening, style),
    ...boughtChanges(evening, style),
    ...otherChanges(evening, style),
    ...smallerSet(evening, style),
  ];
}

/** With less time than this before sitting down nobody goes to the shop. Kitchen estimate. */
const SHOP_S = 45 * 60;

/** The changes that can still be made so long before people sit down. */
const openChanges = (evening: Evening, leftS: number) =>
  changesFor(evening).filter(({ needs }) => leftS >= SHOP_S || needs !== 'shop');

const MOST_REMEDIES = 6;

const remedyOf = (changes: readonly Change[], lateS: number): Remedy => ({
  id: changes.map(({ id }) => id).join('+'),
  changeIds: changes.map(({ id }) => id),
  changes: changes.map(({ text }) => text),
  edits: changes.flatMap(({ edits }) => edits),
  lateS,
  gainsS: 0,
});

/** Seconds late with a changed evening, found with that share of the searching that is left; undefined where it cannot be planned. */
type LateWith = (changed: Evening, share: number) => Steps<number | undefined>;

/** How many of so many changes have been tried, and what helps so far. */
export interface RemedySearch {
  tried: number;
  of: number;
  found: Remedy[];
}

/** The most helpful first; of those that help as much the least change, and sitting down later after all others. */
export const byHelp = (remedies: readonly Remedy[]): Remedy[] =>
  [...remedies].sort(
    (a, b) =>
      a.lateS - b.lateS ||
      Number(a.laterS !== undefined) - Number(b.laterS !== undefined) ||
      a.changes.length - b.changes.length,
  );

const sitDownLater = ({ sitDownAt, kitchen }: Evening, lateS: number): Remedy => ({
  id: 'sitDownLater',
  changeIds: [],
  laterS: lateS,
  changes: [`Sit down ${Math.ceil(lateS / 60)} minutes later`],
  edits: [{ kind: 'sitDownMoved', sitDownAt: shiftIso(sitDownAt, lateS), startAt: kitchen?.startAt }],
  lateS: 0,
  gainsS: lateS,
});

/**
 * What helps only together: hands and broth may both be too slow, so that neither alone gains anything. All that can be
 * had without help is taken, and whatever then makes no difference is left out again; once so, and once with help.
 */
function* allTogether(
  evening: Evening,
  changes: readonly Change[],
  helpful: readonly Remedy[],
  lateWith: LateWith,
): Steps<Remedy[]> {
  const best = Math.min(Infinity, ...helpful.map((one) => one.lateS));
  if (best === 0) return [];
  // Of two ways of preparing the same thing only one can be taken, and only where it helps by itself.
  const helps = (change: Change) => helpful.some(({ changeIds }) => changeIds.includes(change.id));
  const schools = helpful.flatMap(({ changeIds }) =>
    changes.filter((change) => change.question !== undefined && changeIds.includes(change.id)),
  );
  const onePerQuestion = schools.filter(
    (one, index) => helps(one) && schools.findIndex((other) => other.question === one.question) === index,
  );
  const others = changes.filter(({ question, needs }) => question === undefined && needs !== 'help');
  const help = changes.find(({ needs }) => needs === 'help');
  function* late(taken: readonly Change[]): Steps<number> {
    const changed = applyEdits(evening, remedyOf(taken, 0).edits);
    return (yield* lateWith(changed, 0.2)) ?? Infinity;
  }
  function* pruned(all: readonly Change[]): Steps<Remedy | undefined> {
    const lateS = yield* late(all);
    if (lateS >= best) return undefined;
    let needed = all;
    for (const one of all) {
      const without = needed.filter((other) => other !== one);
      if ((yield* late(without)) <= lateS) needed = without;
    }
    return remedyOf(needed, lateS);
  }
  const alone = yield* pruned([...onePerQuestion, ...others]);
  const helped = help && alone?.lateS !== 0 ? yield* pruned([help, ...onePerQuestion, ...others]) : undefined;
  const found = [alone, helped].filter((one): one is Remedy => one !== undefined);
  return found.filter((one, index) => index === 0 || one.lateS < found[0]!.lateS);
}

/**
 * What mends a late plan, each change solved by itself; sitting down later is always one of them.
 * @param lateS seconds late as it is
 * @param lateWith judges a changed evening
 * @param leftS seconds from now until people want to sit down
 * @returns says how many of the changes are tried, and comes to the most helpful first, and of those that help as much the least change; sitting down later after all others
 * that come to be on time
 */
export function* remediesFor(
  evening: Evening,
  lateS: number,
  lateWith: LateWith,
  leftS = Infinity,
): Steps<Remedy[], RemedySearch> {
  if (lateS <= 0) return [];
  const changes = openChanges(evening, leftS);
  const later = sitDownLater(evening, lateS);
  const alone: Remedy[] = [];
  for (const [index, change] of changes.entries()) {
    // Half of the searching is for each change by itself, evenly; the rest for what helps only together.
    const left = yield* lateWith(applyEdits(evening, change.edits), 1 / (2 * changes.length - index));
    if (left !== undefined && left < lateS) alone.push({ ...remedyOf([change], left), gainsS: lateS - left });
    yield { tried: index + 1, of: changes.length, found: byHelp([...alone, later]) };
  }
  const helpful = alone.sort((a, b) => a.lateS - b.lateS).slice(0, MOST_REMEDIES);
  const together = (yield* allTogether(evening, changes, helpful, lateWith)).map((one) => ({
    ...one,
    gainsS: lateS - one.lateS,
  }));
  return byHelp([...helpful, ...together, later]);
}
