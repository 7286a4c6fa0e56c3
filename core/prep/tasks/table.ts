import type { Simmer } from '@elixa/contract';
import { potsInWords, potsOf } from '../../evening/eachPot';
import { shortName } from '../../catalogue/shortName';
import { isRawFlesh } from '../../catalogue/kinds';
import type { Menu } from '../../evening/menu';
import { andList } from '../../measures/andList';
import { isWarmed, laidFirst, LAY_ID } from './laying';
import { forTonight, type Part, type Work, type WorkList } from './work';

/** Checking the counter just before the burner is lit. */
export const CHECK_MIN = 2;
/** A laid table and filled plates wait a little without harm. */
const FRESH_MIN = 15;
/** Clay stays warm for so long. Kitchen estimate, 8-15 min. */
const STAYS_WARM_MIN = 10;
const WARM_ID = 'warmPot';
export const ARRANGE_ID = 'arrange';
export const CHECK_ID = 'counterCheck';
export const POT_ID = 'firstRound';

const POT_WORDS = 'At the pot: see the simmer plan';

/** Minutes of the first round at which somebody has a hand at the pot, put together where they touch. */
function handMinutes(simmer: Simmer, leadMin: number): Part[] {
  const readyS = simmer.readyAtS[0] ?? 0;
  const shiftMin = leadMin - readyS / 60;
  const minutes = new Set(
    simmer.actions
      .filter((action) => action.atS < readyS)
      .map((action) => Math.min(leadMin - 1, Math.max(0, Math.floor(action.atS / 60 + shiftMin)))),
  );
  const parts: Part[] = [];
  for (let minute = 0; minute < leadMin; minute += 1) {
    const needs = minutes.has(minute) ? (['hands', 'pot'] as const) : (['pot'] as const);
    const last = parts.at(-1);
    if (last && last.needs.length === needs.length) last.lastsMin += 1;
    else
      parts.push({
        id: `pot${parts.length + 1}`,
        says: needs.length > 1 ? POT_WORDS : 'The pot simmers',
        fromMin: minute,
        lastsMin: 1,
        needs: [...needs],
      });
  }
  return parts;
}

/** Minutes before sitting down at which the burner is lit. */
export const leadOf = (simmer: Simmer) => Math.ceil((simmer.readyAtS[0] ?? 0) / 60 - 1e-9);

/**
 * Laying the table, setting up the burner, arranging what goes in, the check of the counter and the first round itself.
 * @param before ids of everything that has to be done before the counter is checked
 * @param isLaid something lies in the pot before it is lit, and stands on no plate
 */
export function tableWork(menu: Menu, simmer: Simmer, before: readonly string[], isLaid: boolean): WorkList {
  const { evening, catalogue } = menu;
  const leadMin = leadOf(simmer);
  const isOnKitchenBurner = evening.heatSource.kind === 'gasHob' || evening.heatSource.kind === 'electricPlate';
  const round = handMinutes(simmer, leadMin).map((part) => ({
    ...part,
    needs: isOnKitchenBurner ? [...part.needs, 'burner' as const] : part.needs,
  }));
  const laid = new Set(isLaid ? laidFirst(simmer) : []);
  const onPlates = simmer.pieces.filter((piece) => piece.round === 1 && !laid.has(piece));
  const pieces = onPlates.length;
  const raw = onPlates.filter((one) => isRawFlesh(catalogue.byId(one.ingredientId), one.cut));
  const apart = raw.length > 0 && raw.length < pieces ? '; what is raw on a plate of its own' : '';
  const one = (
    id: string,
    name: string,
    says: string,
    lastsMin: number,
    endsBeforeMin: number,
    why: string,
    staleness: number,
    isRaw = false,
  ): Work =>
    forTonight({
      id,
      name,
      parts: [{ id: 'do', says, lastsMin, needs: ['hands'], raw: isRaw }],
      endsBeforeMin,
      freshMin: FRESH_MIN,
      staleness,
      why,
    });
  const pots = potsOf(evening);
  const like = pots > 1 ? ` and ${potsInWords(pots - 1)} like it` : '';
  const named = (name: string) => `the ${name}${like}`;
  const works: Work[] = [
    one(
      'layTable',
      'Lay the table',
      'Bowls, spoons, chopsticks for eating and others for raw food, a trivet',
      3 + evening.diners.length,
      0,
      'It can wait until the pot warms',
      0.05,
    ),
    one(
      'setUpBurner',
      'Burner and pot',
      evening.vessel.ownElement
        ? `Set ${named(evening.vessel.name)} up level, the cord where nobody catches it`
        : isOnKitchenBurner
          ? `Clear ${named(evening.heatSource.name)}; ${named(evening.vessel.name)} beside it`
          : `Set ${named(evening.heatSource.name)} up level and clear of anything that burns; ${named(evening.vessel.name)} beside it`,
      3 * pots,
      leadMin,
      'Nothing is carried past a lit burner',
      0,
    ),
    one(
      ARRANGE_ID,
      isLaid ? 'Arrange what goes in later' : 'Arrange what goes in',
      isLaid
        ? `On a plate beside the pot: ${andList([...new Set(onPlates.map((one) => shortName(catalogue.byId(one.ingredientId), one.cut)))])}${apart}`
        : `On plates beside the pot, in the order in which it goes in${apart}`,
      Math.ceil(2 + pieces / 3),
      leadMin + CHECK_MIN,
      'What is found at once is not forgotten',
      0.3,
      raw.length > 0,
    ),
    ...(isWarmed(menu)
      ? [
          forTonight({
            id: WARM_ID,
            name: 'Warm the pot',
            parts: [
              {
                id: 'fill',
                says: `Hot water from the tap into ${named(evening.vessel.name)}`,
                lastsMin: 1,
                needs: ['hands'],
              },
              { id: 'stand', says: 'It warms through', lastsMin: 4, needs: [] },
              { id: 'empty', says: 'Pour it out, wipe its foot dry', lastsMin: 1, needs: ['hands'] },
            ],
            endsBeforeMin: leadMin + CHECK_MIN,
            freshMin: STAYS_WARM_MIN,
            staleness: 0.5,
            why: 'Boiling broth cracks cold clay',
          }),
        ]
      : []),
    one(
      CHECK_ID,
      'Check the counter',
      'Name everything that stands there, from first in to last',
      CHECK_MIN,
      leadMin,
      'Nothing is left behind when the burner is lit',
      1,
    ),
    {
      id: POT_ID,
      kind: 'pot',
      name: 'The first round',
      segments: round,
      lastsMin: leadMin,
      endsBeforeMin: 0,
      endsWithinMin: 0,
      freshMin: 0,
      staleness: 0,
      early: false,
      dayBefore: false,
      why: 'It is ready as people sit down',
    },
  ];
  const lags = [
    ...before.map((id) => ({ before: id, after: CHECK_ID, leastMin: 0 })),
    ...(pieces > 0 ? [{ before: ARRANGE_ID, after: CHECK_ID, leastMin: 0 }] : []),
    { before: 'setUpBurner', after: CHECK_ID, leastMin: 0 },
    ...(isWarmed(menu) ? [{ before: WARM_ID, after: isLaid ? LAY_ID : CHECK_ID, leastMin: 0 }] : []),
  ];
  // Where all of it lies in the pot no plate is filled.
  return { works: works.filter(({ id }) => id !== ARRANGE_ID || pieces > 0), lags };
}
