/** One way of doing a thing that cooks do in several. */
export interface School {
  id: string;
  label: string;
  says: string;
}

/** A question that cooks disagree on, asked by a style, a formula or a slot. */
export interface SchoolChoice {
  id: string;
  question: string;
  options: readonly School[];
  usual: string;
  /** A matter of taste and not of time: no remedy for a late evening. */
  ofTaste?: true;
  /** Where it is asked: with the preparation, where nothing else is said, or with the broth. */
  asked?: 'broth';
  /** Asked only where these schools are followed: who takes a paste from the jar fries none. */
  when?: When;
}

/** What an evening follows for a question: the cook's choice where it is one of its options, or else the usual one. */
export const schoolOf = ({ id, options, usual }: SchoolChoice, chosen: Readonly<Record<string, string>>): string =>
  options.some((option) => option.id === chosen[id]) ? (chosen[id] as string) : usual;

/** A question of taste and not of time: the first answer is the usual one. */
export const schoolOfTaste = (
  id: string,
  question: string,
  options: readonly [School, ...School[]],
  more: Partial<SchoolChoice> = {},
): SchoolChoice => ({ id, question, options, usual: options[0].id, ofTaste: true, ...more });

/** The same, asked with the broth or the dip that it is about. */
export const schoolOfBroth = (
  id: string,
  question: string,
  options: readonly [School, ...School[]],
  when?: When,
): SchoolChoice => schoolOfTaste(id, question, options, { asked: 'broth', ...(when ? { when } : {}) });

/** Schools for which something holds: for each question the option, or any one of several. */
export type When = Readonly<Record<string, string | readonly string[]>>;

/** Whether something that holds for some schools only holds for those that are followed. */
export const fits = (when: When | undefined, schools: Readonly<Record<string, string>>) =>
  Object.entries(when ?? {}).every(([question, option]) => [option].flat().includes(schools[question] ?? ''));
