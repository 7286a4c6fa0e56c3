import type { BuildWarning, Units, Vessel } from '@elixa/contract';
import { shortName } from '../catalogue/shortName';
import { andList } from '../measures/andList';
import { showLength } from '../measures/showSize';
import { betweenDeg } from './around';
import type { Arrangement } from './arrange';
import type { Placed } from './layers';
import { SLOW_FROM_MIN, TENDER_TO_MIN } from './because';
import { isCramped } from './stacks';
import { capital } from '../measures/capital';

interface Built {
  vessel: Vessel;
  laid: Arrangement;
  /** What must not touch, with why. */
  apart: ReadonlyArray<{ a: string; b: string; because: string }>;
  units: Units;
  /** How high the liquid stands between the food. */
  liquidMm: number;
}

/** Food may stand so far over the rim before it is worth a word, in mm: a lid still presses it down. */
const OVER_RIM_MM = 8;

/** What lies so far over the liquid is not wet by its ripples, in mm. */
const DRY_BY_MM = 4;

const nameOf = ({ bunch }: Placed) => shortName(bunch.what, bunch.parts[0]?.cut ?? '');
const middleDeg = ({ region }: Placed) => region.startDeg + region.sweepDeg / 2;

function overTheRim({ vessel, laid, units }: Built): BuildWarning[] {
  // What is laid on top waits until the rest has fallen in.
  const first = laid.placed.filter((one) => one.place !== 'top');
  const highest = first.reduce<Placed | undefined>((a, b) => (a && a.toMm >= b.toMm ? a : b), undefined);
  const overMm = highest ? highest.toMm - vessel.innerDepthMm : 0;
  if (!highest || overMm < OVER_RIM_MM) return [];
  return [
    {
      id: 'overRim',
      text: `It is heaped ${showLength(overMm, units)} over the rim`,
      because: `The ${nameOf(highest)} stands highest. Leaves and sprigs lie loose and fall in as they cook: press them down with the lid, or lay half of them on when the rest has fallen in.`,
      advice: [],
    },
  ];
}

/** What is laid on last and stands higher than there is room under a lid: it collapses in half a minute, and there is room for more. */
function inHandfuls({ vessel, laid }: Built): BuildWarning[] {
  const over = laid.placed.filter((one) => one.place === 'top' && one.toMm - vessel.innerDepthMm >= OVER_RIM_MM);
  if (over.length === 0) return [];
  const times = Math.max(...over.map((one) => (one.toMm - one.fromMm) / Math.max(1, vessel.innerDepthMm - one.fromMm)));
  const names = andList([...new Set(over.map(nameOf))]);
  return [
    {
      id: 'handfuls',
      text: `${capital(names)} in ${Math.max(2, Math.ceil(times))} handfuls`,
      because: `All of it at once would stand over the rim. Push the first under with the ladle: it collapses in half a minute, and then there is room for the next.`,
      advice: [],
    },
  ];
}

/** What the cook has put where it will not cook well. */
function badlyPut({ laid }: Built): BuildWarning[] {
  return laid.placed.flatMap((one): BuildWarning[] => {
    if (!one.held) return [];
    const { bunch, place } = one;
    const name = nameOf(one);
    if (place === 'bed' && bunch.slowMin <= TENDER_TO_MIN) {
      return [
        {
          id: `under-${bunch.id}`,
          text: `${capital(name)} lies under the rest`,
          because: `It is done in about a minute, and at the bottom it cooks longest. Lay it on top, or round the wall.`,
          advice: [],
        },
      ];
    }
    if (place === 'top' && bunch.slowMin >= SLOW_FROM_MIN) {
      return [
        {
          id: `over-${bunch.id}`,
          text: `${capital(name)} lies on top`,
          because: `It takes ${Math.round(bunch.slowMin)} min in the liquid. Lay it under the rest, or round the wall.`,
          advice: [],
        },
      ];
    }
    return [];
  });
}

function touching({ laid, apart }: Built): BuildWarning[] {
  return apart.flatMap(({ a, b, because }): BuildWarning[] => {
    const [one, other] = [a, b].map((id) => laid.placed.find((each) => each.bunch.slotId === id));
    if (!one || !other || one.place !== other.place) return [];
    const gapDeg = betweenDeg(middleDeg(one), middleDeg(other)) - (one.region.sweepDeg + other.region.sweepDeg) / 2;
    if (gapDeg > 1e-6) return [];
    return [
      {
        id: `touching-${a}-${b}`,
        text: `${capital(nameOf(one))} touches the ${nameOf(other)}`,
        because: `Keep them apart: ${because}.`,
        advice: [],
      },
    ];
  });
}

function cramped({ laid: { stacks }, units }: Built): BuildWarning[] {
  if (!stacks || !isCramped(stacks)) return [];
  return [
    {
      id: 'cramped',
      text: 'The blocks stand very close',
      because: `${stacks.blocks} blocks of ${showLength(stacks.thicknessMm, units)} are pressed to ${Math.round(stacks.pressed * 100)} % of that. Leave two out and cook them after, or the middle stays raw longer.`,
      advice: [],
    },
  ];
}

/** What lies over the liquid and is not to be laid on last: only steam reaches it. */
function unreached({ laid, liquidMm, units }: Built): BuildWarning[] {
  return laid.placed.flatMap((one): BuildWarning[] => {
    if ((one.place !== 'ring' && one.place !== 'heart') || one.fromMm <= liquidMm + DRY_BY_MM) return [];
    return [
      {
        id: `dry-${one.bunch.id}`,
        text: `No liquid reaches the ${nameOf(one)} at first`,
        because: `It lies ${showLength(one.fromMm - liquidMm, units)} over the liquid, and cooks in steam until the food under it has given its water.`,
        advice: [],
      },
    ];
  });
}

/** What the cook has to know of a pot before anything is poured; nothing where all is well. */
export const buildWarnings = (built: Built): BuildWarning[] => [
  ...overTheRim(built),
  ...inHandfuls(built),
  ...badlyPut(built),
  ...touching(built),
  ...cramped(built),
  ...unreached(built),
];
