import type { Caution } from '@elixa/contract';
import { PERIL_RULES } from './perilRules';
import { RULES } from './rules';
import type { Situation } from './situation';

const RANK: Record<Caution['severity'], number> = { danger: 0, warning: 1, note: 2 };

/**
 * The cautions that this evening calls for, gravest first, each with what called for it. An allergen that nothing
 * resolves comes before everything else.
 */
export function cautionsFor(situation: Situation): Caution[] {
  const read = <Value extends string>(value: Value | ((given: Situation) => Value)): Value =>
    typeof value === 'function' ? value(situation) : value;
  return [...RULES, ...PERIL_RULES]
    .map(({ id, severity, text, because }) => ({
      id,
      severity: read(severity),
      text: read(text),
      because: because(situation),
    }))
    .filter((caution) => caution.because.length > 0)
    .sort((a, b) => RANK[a.severity] - RANK[b.severity]);
}
