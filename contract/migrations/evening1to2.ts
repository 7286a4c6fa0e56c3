/** A document as it was read, before anything is known of it. */
export type Raw = Record<string, unknown>;

export const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What finished every broth when the documents had version 1. */
const FINISH_OF_VERSION_1 = { id: 'porridge', ingredientIds: ['cookedRice', 'egg'] } as const;

/**
 * From version 1 to 2. The finish became a choice: it was always rice porridge, and leaving both rice and egg out was how
 * an evening ended without. What is no document of version 1 is left as it is, for the schema to say so.
 */
export function evening1to2(document: Raw): Raw {
  const { choices } = document;
  if (!isRaw(choices)) return { ...document, schemaVersion: 2 };
  const leaveOut: unknown[] = Array.isArray(choices.leaveOut) ? choices.leaveOut : [];
  const isWithout = FINISH_OF_VERSION_1.ingredientIds.every((id) => leaveOut.includes(id));
  const left = isWithout
    ? leaveOut.filter((id) => !FINISH_OF_VERSION_1.ingredientIds.some((one) => one === id))
    : leaveOut;
  return {
    ...document,
    schemaVersion: 2,
    choices: {
      ...choices,
      leaveOut: Array.isArray(choices.leaveOut) ? left : choices.leaveOut,
      finish: isWithout ? 'none' : FINISH_OF_VERSION_1.id,
    },
  };
}
