import type { Evening, Remedy } from '@elixa/contract';
import { brothsOf, chosenLiquids } from '../formula/chosenLiquids';
import type { Style } from '../catalogue/style';
import { ingredientById } from '../catalogue/ingredients';
import { prepWorkOf } from '../catalogue/prepWork';
import { chosenSchool } from '../catalogue/styles';
import { shiftIso } from '../time/shiftIso';

/** A change of the evening that may save time. */
interface Change {
  id: string;
  text: string;
  evening: Evening;
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

const withSchool = (evening: Evening, question: string, option: string): Evening => ({
  ...evening,
  style: { ...evening.style, schools: { ...evening.style.schools, [question]: option } },
});

function schoolChanges(evening: Evening, style: Style): Change[] {
  const { schools } = evening.style;
  const ofStyle = style.schools.map((choice) => ({ ...choice, now: chosenSchool(style, schools, choice.id) }));
  const ofBroths = brothsOf(chosenLiquids(evening, style))
    .flatMap((formula) => formula.schools)
    .map((choice) => ({ ...choice, now: schools[choice.id] ?? choice.usual }));
  // Where the salt is and where the paste comes from are matters of taste and of yesterday, not of time.
  return [...ofStyle, ...ofBroths]
    .filter(({ id }) => id !== 'seasoning' && id !== 'base')
    .flatMap(({ id, question, options, now }) =>
      options
        .filter((option) => option.id !== now)
        .map((option) => ({
          id: `school-${id}-${option.id}`,
          text: capital(`${question}: ${option.label.toLowerCase()}`),
          evening: withSchool(evening, id, option.id),
        })),
    );
}

function boughtChanges(evening: Evening, style: Style): Change[] {
  const bought = evening.choices.bought ?? [];
  return style.items
    .filter((item) => !bought.includes(item.ingredientId) && !evening.choices.leaveOut.includes(item.ingredientId))
    .flatMap((item) => {
      const what = ingredientById(item.ingredientId);
      const words = prepWorkOf(what, item.cuts[0]?.cut ?? '', evening.style.schools).bought;
      if (!words) return [];
      return [
        {
          id: `bought-${what.id}`,
          text: capital(`${what.name.split(',')[0]}: bought ${words}`),
          evening: { ...evening, choices: { ...evening.choices, bought: [...bought, what.id] } },
        },
      ];
    });
}

/** How many of the slowest vegetables a smaller set does without. */
const SMALLER_BY = 3;

function smallerSet(evening: Evening, style: Style): Change[] {
  const { leaveOut } = evening.choices;
  const plants = style.items
    .filter((item) => item.purpose === 'pot' && !leaveOut.includes(item.ingredientId))
    .filter((item) => ['root', 'mushroom', 'allium', 'leaf'].includes(ingredientById(item.ingredientId).family));
  if (plants.length <= SMALLER_BY + 1) return [];
  const minutes = (item: (typeof plants)[number]) => {
    const work = prepWorkOf(ingredientById(item.ingredientId), item.cuts[0]?.cut ?? '');
    return work.fixedMin + (work.minPer100G * item.gramsPerHead * evening.diners.length) / 100;
  };
  // Leaves carry the pot; what takes longest for its weight is missed least.
  const slow = [...plants]
    .sort((a, b) => minutes(b) / b.gramsPerHead - minutes(a) / a.gramsPerHead)
    .slice(0, SMALLER_BY)
    .map((item) => item.ingredientId);
  const names = slow.map((id) => ingredientById(id).name).join(', ');
  return [
    {
      id: 'smallerSet',
      text: `A smaller set, without ${names}`,
      evening: { ...evening, choices: { ...evening.choices, leaveOut: [...leaveOut, ...slow] } },
    },
  ];
}

function otherChanges(evening: Evening, style: Style): Change[] {
  const { broth, ahead } = chosenLiquids(evening, style);
  const { liquids } = evening.choices;
  const changes: Change[] = [];
  if (evening.cooks < 2) {
    changes.push({ id: 'secondCook', text: 'Ask somebody to help', evening: { ...evening, cooks: 2 } });
  }
  if (broth.id !== 'quickPowder') {
    changes.push({
      id: 'quickBroth',
      text: 'The ten-minute broth from powder',
      evening: { ...evening, choices: { ...evening.choices, liquids: { ...liquids, broth: 'quickPowder' } } },
    });
  }
  if (ahead.some((formula) => formula.kind === 'marinade')) {
    const without = ahead.filter((formula) => formula.kind !== 'marinade').map((formula) => formula.id);
    changes.push({
      id: 'noMarinade',
      text: 'Without the marinade; the dip carries more',
      evening: { ...evening, choices: { ...evening.choices, liquids: { ...liquids, ahead: without } } },
    });
  }
  return changes;
}

/** Every change that may save time. */
export function changesFor(evening: Evening, style: Style): Change[] {
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
const openChanges = (evening: Evening, style: Style, leftS: number) =>
  changesFor(evening, style).filter(({ id }) => leftS >= SHOP_S || !id.startsWith('bought-'));

const MOST_REMEDIES = 6;

const LATER = 'sitDownLater';
const TOGETHER = 'together';
const HELP = 'secondCook';
const togetherId = (ids: readonly string[]) => `${TOGETHER}-${ids.join('+')}`;
const togetherIds = (id: string) => id.slice(TOGETHER.length + 1).split('+');

/** Changes one on top of the other. */
function changedTogether(evening: Evening, style: Style, ids: readonly string[]): Evening {
  return ids.reduce(
    (changed, id) => changesFor(changed, style).find((one) => one.id === id)?.evening ?? changed,
    evening,
  );
}

/** Seconds late with a changed evening, found with that share of the searching that is left; undefined where it cannot be planned. */
type LateWith = (changed: Evening, share: number) => number | undefined;

/**
 * What helps only together: hands and broth may both be too slow, so that neither alone gains anything. All that can be
 * had without help is taken, and whatever then makes no difference is left out again; once so, and once with help.
 */
function allTogether(
  evening: Evening,
  style: Style,
  changes: readonly Change[],
  helpful: readonly Remedy[],
  lateWith: LateWith,
): Remedy[] {
  const best = Math.min(Infinity, ...helpful.map((one) => one.lateS));
  if (best === 0) return [];
  // Of two ways of preparing the same thing only one can be taken, and only where it helps by itself.
  const isSchool = (id: string) => id.startsWith('school-');
  const schools = helpful.filter(({ id }) => isSchool(id)).map(({ id }) => id);
  const onePerQuestion = schools.filter(
    (id, index) => schools.findIndex((other) => other.split('-')[1] === id.split('-')[1]) === index,
  );
  const others = changes.map(({ id }) => id).filter((id) => !isSchool(id) && id !== HELP);
  const late = (ids: readonly string[]) => lateWith(changedTogether(evening, style, ids), 0.2) ?? Infinity;
  const words = new Map(changes.map(({ id, text }) => [id, text]));
  const pruned = (all: readonly string[]): Remedy | undefined => {
    const lateS = late(all);
    if (lateS >= best) return undefined;
    const needed = all.reduce<readonly string[]>((kept, id) => {
      const without = kept.filter((other) => other !== id);
      return late(without) <= lateS ? without : kept;
    }, all);
    return { id: togetherId(needed), changes: needed.flatMap((id) => words.get(id) ?? []), lateS, gainsS: 0 };
  };
  const alone = pruned([...onePerQuestion, ...others]);
  const isHelpOpen = changes.some(({ id }) => id === HELP) && alone?.lateS !== 0;
  const helped = isHelpOpen ? pruned([HELP, ...onePerQuestion, ...others]) : undefined;
  const found = [alone, helped].filter((one): one is Remedy => one !== undefined);
  return found.filter((one, index) => index === 0 || one.lateS < found[0]!.lateS);
}

/**
 * What mends a late plan, each change solved by itself; sitting down later is always one of them.
 * @param lateS seconds late as it is
 * @param lateWith judges a changed evening
 * @param leftS seconds from now until people want to sit down
 * @returns the most helpful first, and of those that help as much the least change; sitting down later after all others
 * that come to be on time
 */
export function remediesFor(
  evening: Evening,
  style: Style,
  lateS: number,
  lateWith: LateWith,
  leftS = Infinity,
): Remedy[] {
  if (lateS <= 0) return [];
  const changes = openChanges(evening, style, leftS);
  const helpful = changes
    .flatMap(({ id, text, evening: changed }, index) => {
      // Half of the searching is for each change by itself, evenly; the rest for what helps only together.
      const left = lateWith(changed, 1 / (2 * changes.length - index));
      return left === undefined || left >= lateS ? [] : [{ id, changes: [text], lateS: left, gainsS: lateS - left }];
    })
    .sort((a, b) => a.lateS - b.lateS)
    .slice(0, MOST_REMEDIES);
  const together = allTogether(evening, style, changes, helpful, lateWith).map((one) => ({
    ...one,
    gainsS: lateS - one.lateS,
  }));
  const later = { id: LATER, changes: [`Sit down ${Math.ceil(lateS / 60)} minutes later`], lateS: 0, gainsS: lateS };
  return [...helpful, ...together, later].sort(
    (a, b) =>
      a.lateS - b.lateS || Number(a.id === LATER) - Number(b.id === LATER) || a.changes.length - b.changes.length,
  );
}

/**
 * The evening with a remedy taken.
 * @throws RangeError when there is no such remedy for it
 * @example applyRemedy(evening, style, 'school-kelp-hotPour', 0).style.schools.kelp // 'hotPour'
 */
export function applyRemedy(evening: Evening, style: Style, id: string, lateS: number): Evening {
  if (id === LATER) return { ...evening, sitDownAt: shiftIso(evening.sitDownAt, lateS) };
  if (id.startsWith(`${TOGETHER}-`)) return changedTogether(evening, style, togetherIds(id));
  const change = changesFor(evening, style).find((one) => one.id === id);
  if (!change) throw new RangeError(`There is no remedy "${id}" for this evening`);
  return change.evening;
}
