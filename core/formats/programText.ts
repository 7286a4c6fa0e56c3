import type { Act, PlannedAct, PotPlan } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { formulaById } from '../catalogue/formulas';
import { nameOf } from '../catalogue/nameOf';
import { shortName } from '../catalogue/shortName';

const whole = (value: number, unit: string) => `${Math.round(value)} ${unit}`;
const clock = (atS: number) => {
  const seconds = Math.round(Math.abs(atS));
  const sign = atS < 0 ? '-' : '';
  return `${sign}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};

function liquidName(catalogue: Catalogue, id: string): string {
  if (id === 'jug') return 'what is in the jug';
  return formulaById(id)?.name ?? nameOf(catalogue, id).split(',')[0]!;
}

function heatWords({ share, holds }: Extract<Act, { is: 'heat' }>): string {
  if (share === 0) return 'fire off';
  const held = holds === 'boil' ? 'at a simmer' : holds === 'justUnder' ? 'just under the boil' : `at ${holds} °C`;
  return `fire ${whole(share * 100, '%')}${holds === undefined ? '' : `, held ${held}`}`;
}

/** An act in plain words and exact figures. */
function actWords(catalogue: Catalogue, act: Act): string {
  switch (act.is) {
    case 'heat':
      return heatWords(act);
    case 'lid':
      return `lid ${act.lid}${act.thenAtBoil ? `, ${act.thenAtBoil} when it boils` : ''}`;
    case 'poured':
      return `pour ${whole(act.ml, 'ml')} of ${liquidName(catalogue, act.liquid)}, ${whole(act.tempC, '°C')}`;
    case 'ladled':
      return `ladle ${act.ml === 'all' ? 'all of it' : whole(act.ml, 'ml')} into the ${act.to}`;
    case 'drunk':
      return `drink ${whole(act.ml, 'ml')}`;
    case 'added':
      return `add ${whole(act.massG, 'g')} of ${shortName(catalogue.byId(act.ingredientId), act.cut)}${act.frozen ? ', frozen' : ''}`;
    case 'seasoned':
      return act.with
        ? `season with ${(act.massG ?? 0).toFixed(1)} g of ${liquidName(catalogue, act.with)}`
        : 'season to taste';
    case 'liftedOut':
      return act.pieceIds.length > 0 ? `lift out ${act.pieceIds.length} of what is in it` : 'lift out what is done';
    case 'putBack':
      return `put back ${act.pieceIds.length}`;
    case 'eaten':
      return 'eaten as it is done';
    case 'dryWork':
      return `${act.doing} in the dry pan, ${whole(act.panC, '°C')}`;
    default:
      return act.is;
  }
}

const line = (catalogue: Catalogue, name: string, { atS, round, on, act }: PlannedAct) =>
  `${clock(atS).padStart(7)}  ${String(round).padStart(2)}  ${name.padEnd(10)}  ${actWords(catalogue, act)}${on === 'boil' ? ' (when it boils)' : ''}`;

/**
 * The program of a plan as lines of text: minutes from lighting the burner, the round, the pot, and what is done.
 * @example programText(CATALOGUE, planEvening(evening)).split('\n')[0] // '   0:00   1  pot         light'
 */
export function programText(catalogue: Catalogue, { program }: Pick<PotPlan, 'program'>): string {
  const names = new Map(program.pots.map(({ id, name }) => [id, name]));
  return program.acts.map((one) => line(catalogue, names.get(one.potId) ?? one.potId, one)).join('\n');
}
