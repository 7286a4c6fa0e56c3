import { catalogueOf, planEvening, programText } from '@elixa/core';
import { answered, ofEvening, Refused, type Answer, type Reads } from './answer';

/**
 * The plan of a document, as JSON or as the program of its pots.
 * @param args path of the document, and how it is printed
 */
export function planAnswer([path, how]: readonly string[], read: Reads): Answer {
  return answered(() => {
    if (!path || (how !== undefined && how !== '--program')) {
      throw new Refused([
        'Usage: npm run -s plan -- EVENING.json [--program]  (- for standard input; --program: what is done at the pots, as text)',
      ]);
    }
    return ofEvening(path, read, (evening) => {
      const plan = planEvening(evening);
      return how ? programText(catalogueOf(evening), plan) : JSON.stringify(plan, null, 2);
    });
  });
}
