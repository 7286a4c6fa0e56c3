import { editsRenamed } from './editsRenamed';
import { isRaw, type Raw } from './evening1to2';
import { plan2to3 } from './plan2to3';
import { plan3to4 } from './plan3to4';

/** Where a plan has advice with a change that one tap makes. */
function withEditsOfToday(plan: Raw): Raw {
  const { asks, build, shopping, simmer } = plan;
  if (!isRaw(simmer)) return plan;
  return {
    ...plan,
    asks: editsRenamed(asks),
    build: editsRenamed(build),
    shopping: editsRenamed(shopping),
    simmer: { ...simmer, unsatisfied: editsRenamed(simmer.unsatisfied) },
  };
}

/** The cuts of a thing were one text once. */
function withCutsApart(plan: Raw): Raw {
  const { menu } = plan;
  if (!isRaw(menu) || !Array.isArray(menu.slots)) return plan;
  const slots = menu.slots.map((slot: unknown) =>
    isRaw(slot) && typeof slot.cut === 'string' ? { ...slot, cuts: slot.cut.split('+').filter(Boolean) } : slot,
  );
  return { ...plan, menu: { ...menu, slots } };
}

/**
 * The plan that a pot was cooked by, of any version, as one of today's. What is of no version that is known stays as it is,
 * for the schema to refuse.
 */
export function migratePlan(input: unknown): unknown {
  if (!isRaw(input)) return input;
  const third = input.schemaVersion === 2 ? plan2to3(input) : input;
  if (third.schemaVersion !== 3 && third.schemaVersion !== 4) return third;
  return plan3to4(withCutsApart(withEditsOfToday(third)));
}
