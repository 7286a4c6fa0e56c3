import type { Build, Laid } from '@elixa/contract';
import { arrangePot } from '../arrange/arrange';
import type { KnownOrders } from '../arrange/around';
import { TENDER_TO_MIN } from '../arrange/because';
import { bunchesOf, slowMinOf, type Bunch } from '../arrange/bunches';
import { standsMm, type Fit } from '../arrange/fit';
import { placementsOf, plateOf } from '../arrange/placements';
import { headroomMm, heightAtMm } from '../arrange/vesselShape';
import { buildWarnings } from '../arrange/warnings';
import type { Place, Stage } from '../catalogue/style';
import type { Helping } from '../diners/helpings';
import { byHandOf, laidTonight } from '../evening/laid';
import { eachPot } from '../evening/eachPot';
import type { Menu } from '../evening/menu';
import { isSwished } from '../evening/portions';
import { OVER_MARK } from '../simmer/problems';

/** Whether food lies in the pot before the liquid is poured. */
function isLaidFirst(stages: readonly Stage[]): boolean {
  const pourAt = stages.findIndex((stage) => stage.do === 'pour');
  return stages.some((stage, index) => index < pourAt && (stage.do === 'add' || stage.do === 'fry'));
}

const thicknessIn =
  ({ evening }: Menu) =>
  (ingredientId: string, cut: string) =>
    evening.overrides.thicknessMm?.[ingredientId]?.[cut];

/** Where something of a plate goes when it goes into the pot: what is tender over the rest. */
const inPotPlace = (one: Helping): Place =>
  one.cuts.every(({ cut }) => slowMinOf(one.what, cut) <= TENDER_TO_MIN) && one.role === 'green' ? 'top' : 'ring';

/** What lies in the pot in a round, and what waits on its plate. */
export function bunchesTonight(menu: Menu, round: number, rounds: number): Bunch[] {
  const { food, evening } = eachPot(menu);
  const inPot = food
    .filter((one) => one.pan === 'main' && one.purpose === 'pot')
    .map((one) =>
      isSwished(one, evening.service)
        ? one
        : // What a style has on a plate goes into the pot where it is not held in it by its guest.
          { ...one, place: one.place === 'beside' ? inPotPlace(one) : one.place },
    );
  return bunchesOf(inPot, round, rounds, thicknessIn(menu));
}

/** What is in the pot for the finish, laid as it falls. */
function finishBunches(menu: Menu): Bunch[] {
  if (menu.finish?.apart) return [];
  const food = eachPot(menu).food.filter((one) => one.pan === 'main' && one.purpose === 'finish');
  return bunchesOf(food, 1, 1, thicknessIn(menu));
}

/** What the building of a pot follows from besides its menu: all of it stands in a plan. */
interface Standing {
  rounds: number;
  /** Food of one round and liquid together when everything has settled. */
  fillMl: number;
  liquidStandsMm: number;
}

/** Where everything of a round lies, with why and what to mind. */
function layOut(
  menu: Menu,
  { rounds, fillMl, liquidStandsMm }: Standing,
  byHand = laidTonight(menu.evening),
  orders?: KnownOrders,
) {
  const { evening, style, stages, pour } = menu;
  const { vessel } = evening;
  const laid = arrangePot({
    vessel,
    bunches: bunchesTonight(menu, 1, rounds),
    keepsApart: style.keepsApart,
    stack: style.stack,
    byHand,
    orders,
    headroomMm: headroomMm(vessel, pour.headroomShare),
    fillMl,
    pouredFirst: !isLaidFirst(stages),
  });
  return {
    placements: placementsOf(laid, vessel, style.keepsApart),
    ...(laid.stacks ? { stacks: laid.stacks } : {}),
    ...(laid.skewers ? { skewers: laid.skewers } : {}),
    warnings: buildWarnings({ vessel, laid, apart: style.keepsApart, units: evening.units, liquidMm: liquidStandsMm }),
  };
}

/**
 * A build with things put elsewhere, as a hand moves them: nothing of the liquids and times changes with it, so that it can
 * follow a finger. What going through the pot has shown is still told.
 * @example relaid(menu, plan.build, turned(laidOf(plan.build.placements), 30)).placements
 */
export function relaid(menu: Menu, build: Build, laid: readonly Laid[] | undefined): Build {
  const { rounds, liquidStandsMm, warnings } = build;
  const fillMl = (build.fullnessPct * build.usableVolumeMl) / 100;
  const out = layOut(menu, { rounds: rounds.length, fillMl, liquidStandsMm }, byHandOf(laid));
  const ofLevels = warnings.filter((one) => one.id === OVER_MARK);
  return { ...build, ...out, warnings: [...out.warnings, ...ofLevels] };
}

/** How the food stands in the pot: heights in mm, volumes in ml, where each thing lies and why. */
export function buildOf(menu: Menu, fit: Fit, orders?: KnownOrders): Build {
  const { evening, pour, stages } = menu;
  const { vessel } = evening;
  const { rounds } = fit;
  const fillMl = fit.potBrothMl + fit.solidsMl / rounds;
  const dealt = Array.from({ length: rounds }, (_, index) => bunchesTonight(menu, index + 1, rounds));
  const finish = arrangePot({ vessel, bunches: finishBunches(menu) });
  const liquidStandsMm = standsMm(fit, rounds, pour);
  return {
    rimVolumeMl: vessel.rimVolumeMl,
    usableVolumeMl: fit.usableMl,
    headroomMm: headroomMm(vessel, pour.headroomShare),
    solidsMl: fit.solidsMl,
    fits: rounds === 1,
    fullnessPct: (100 * fillMl) / fit.usableMl,
    pourMl: fit.potBrothMl - fit.heldMl,
    pourDepthMm: heightAtMm(vessel, fit.potBrothMl - fit.heldMl),
    liquidStandsMm,
    fillHeightMm: heightAtMm(vessel, fillMl),
    levelAfterMin: [],
    reserveMl: fit.reserveMl,
    liquid: pour.kind === 'ladles' ? 'sauce' : 'broth',
    laidFirst: isLaidFirst(stages),
    ...layOut(menu, { rounds, fillMl, liquidStandsMm }, undefined, orders),
    rounds: dealt.map((each) => [...new Set(each.map((one) => one.ingredientId))]),
    plates: dealt.map(plateOf),
    finishPlacements: placementsOf(finish, vessel, []),
    ...(fit.aside
      ? {
          aside: {
            name: fit.aside.vessel.name,
            usableVolumeMl: fit.aside.usableMl,
            solidsMl: fit.aside.solidsMl,
            pourMl: fit.aside.potBrothMl - fit.aside.heldMl,
            reserveMl: fit.aside.reserveMl,
          },
        }
      : {}),
  };
}
