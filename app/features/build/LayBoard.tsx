import type { Build, Laid, Vessel } from '@elixa/contract';
import {
  bestCutDeg,
  bunchAt,
  drawFromAbove,
  type DrawnBunch,
  moved,
  type Point,
  type PotDrawing,
  spotAt,
  stepped,
} from '@elixa/core';
import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { G, Path } from 'react-native-svg';
import { useCatalogue } from '@/ui/catalogue';
import { classes } from '@/ui/classes';
import { pictureOf, PotDrawn } from '@/ui/pot/PotDrawn';
import { WALL_MM } from '@/ui/pot/Vessel';
import type { Touch } from './Hand';
import type { Laying } from './useLaying';
import { bunchesIn, bunchName, PLACE_WORDS } from './placeWords';

interface Props {
  vessel: Vessel;
  laying: Laying;
  sauces: { sauce?: string; otherSauce?: string };
  chosenId?: string;
  onChosen(id: string | undefined): void;
  /** A finger on the pot moves what it lies on; or else the page. */
  moving: boolean;
  /** A thing was carried over the wall of a divided pot. */
  onCarriedOver(id: string, side: 'first' | 'second'): void;
}

/** The picture follows a finger in steps that can be told apart, in degrees. */
const STEP_DEG = 3;

/** A lock beside a bunch that stays where it is. */
const Locked = ({ x, y }: DrawnBunch) => (
  <G transform={`translate(${x} ${y})`}>
    <Path
      d="M-9 -2h18v13h-18z"
      fill="rgb(var(--sheet))"
      stroke="rgb(var(--ink))"
      strokeWidth={2}
      strokeLinejoin="round"
    />
    <Path d="M-5 -2v-4a5 5 0 0 1 10 0v4" fill="none" stroke="rgb(var(--ink))" strokeWidth={2.4} />
  </G>
);

/** Where the pot is cut in the picture from the side. */
function CutMarks({ vessel, cutDeg }: { vessel: Vessel; cutDeg: number }) {
  const atMm = vessel.innerDiameterMm / 2 + WALL_MM - 2;
  return [cutDeg, cutDeg + 180].map((deg) => (
    <Path
      key={deg}
      d={`M0 ${-atMm + 7}l-5 -9h10z`}
      fill="rgb(var(--sheet))"
      stroke="rgb(var(--ink))"
      strokeWidth={1.4}
      strokeLinejoin="round"
      transform={`rotate(${deg})`}
    />
  ));
}

/** What is seen of a bunch that is chosen: its edge. */
function Chosen({ edge }: DrawnBunch) {
  return (
    <>
      <Path d={edge} fill="none" stroke="rgb(var(--sheet))" strokeWidth={6} strokeLinejoin="round" opacity={0.9} />
      <Path d={edge} fill="none" stroke="rgb(var(--ink))" strokeWidth={2.6} strokeLinejoin="round" />
    </>
  );
}

/** What a key does with the bunch that it is pressed on. */
function afterKey(key: string, id: string, { build, laid }: Laying): Laid[] | undefined {
  const mine = laid.find((one) => one.id === id);
  if (!mine) return undefined;
  const put = (place: Laid['place']) =>
    mine.place === place ? undefined : moved(laid, id, { place, atDeg: mine.atDeg });
  switch (key) {
    case 'ArrowRight':
      return stepped(laid, id, true, build.placements);
    case 'ArrowLeft':
      return stepped(laid, id, false, build.placements);
    case 'ArrowDown':
      return build.placements.some((one) => one.id === id && one.place === 'skewer') ? undefined : put('heart');
    case 'ArrowUp':
      return put('ring');
    default:
      return undefined;
  }
}

/** One place for the keyboard on each bunch, over its middle in the picture. */
function Places({
  drawing,
  build,
  laying,
  chosenId,
  onChosen,
}: Pick<Props, 'laying' | 'chosenId' | 'onChosen'> & { drawing: PotDrawing; build: Build }) {
  const catalogue = useCatalogue();
  const picture = pictureOf(drawing);
  const bunches = bunchesIn(build.placements);
  return drawing.bunches.map(({ id, x, y, place, held }) => (
    <View
      key={id}
      tabIndex={0}
      role="button"
      aria-pressed={id === chosenId}
      aria-label={`${bunchName(catalogue, bunches.get(id) ?? [])}, ${PLACE_WORDS[place]}${held === 'locked' ? ', locked' : ''}`}
      {...({
        onKeyDown: (event: { key: string; preventDefault(): void }) => {
          if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onChosen(id === chosenId ? undefined : id);
            return;
          }
          const next = afterKey(event.key, id, laying);
          if (!next) return;
          event.preventDefault();
          onChosen(id);
          laying.keep(next);
        },
      } as object)}
      pointerEvents="none"
      style={{
        position: 'absolute',
        left: `${((x - picture.x) / picture.width) * 100}%`,
        top: `${((y - picture.y) / picture.height) * 100}%`,
        width: 32,
        height: 32,
        marginLeft: -16,
        marginTop: -16,
        borderRadius: 16,
      }}
    />
  ));
}

/** A bunch that is being carried, and how everything lay when it was taken up. */
interface Carried {
  id: string;
  laid: Laid[];
  build: Build;
  /** Where it was last shown. */
  at: string;
}

/** Where a carried bunch would come to lie, and whether that is over the wall of a divided pot. */
function dropOf(vessel: Vessel, { id, build }: Carried, point: Point) {
  const spot = spotAt(vessel, build.placements, id, point);
  const own = build.placements.find((one) => one.id === id)?.side;
  const over = spot?.side !== undefined && own !== undefined && spot.side !== own ? spot.side : undefined;
  return { spot: over ? undefined : spot, over };
}

/** What a finger does on the pot: a tap chooses a bunch, and where things are moved it carries one. */
function useHand({ vessel, laying, chosenId, onChosen, onCarriedOver }: Props, drawing: PotDrawing) {
  const { build, laid } = laying;
  const carried = useRef<Carried>(null);
  const [widthPx, setWidthPx] = useState(0);
  const pointOf = ({ x, y }: Touch): Point => {
    const picture = pictureOf(drawing);
    const scale = picture.width / Math.max(1, widthPx);
    return { x: picture.x + x * scale, y: picture.y + y * scale };
  };
  return {
    onLayout: (event: LayoutChangeEvent) => setWidthPx(event.nativeEvent.layout.width),
    onTap(at: Touch) {
      const id = bunchAt(vessel, build.placements, pointOf(at));
      onChosen(id === chosenId ? undefined : id);
    },
    onTake(at: Touch) {
      const id = bunchAt(vessel, build.placements, pointOf(at));
      carried.current = id && laid.some((one) => one.id === id) ? { id, laid, build, at: '' } : null;
    },
    onCarry(touch: Touch) {
      const from = carried.current;
      if (!from) return;
      const { spot } = dropOf(vessel, from, pointOf(touch));
      const at = spot ? `${spot.place} ${Math.round(spot.atDeg / STEP_DEG)}` : '';
      if (at === from.at) return;
      if (from.at === '') onChosen(from.id);
      from.at = at;
      laying.show(spot ? moved(from.laid, from.id, spot) : from.laid);
    },
    onDrop(touch: Touch, counts: boolean) {
      const from = carried.current;
      carried.current = null;
      if (!from) return;
      const { spot, over } = counts ? dropOf(vessel, from, pointOf(touch)) : {};
      if (over) onCarriedOver(from.id, over);
      if (spot) laying.keep(moved(from.laid, from.id, spot));
      else laying.show(undefined);
    },
  };
}

/** What feels a finger is fetched when somebody builds; the picture is there before it. */
const Hand = lazy(async () => ({ default: (await import('./Hand')).Hand }));

/**
 * The pot from above, to be laid: a bunch is chosen by a tap or a key, carried with a finger, and moved a place on with the
 * arrow keys. What it does to the rest is seen while it moves.
 */
export function LayBoard(given: Props) {
  const catalogue = useCatalogue();
  const { vessel, laying, sauces, chosenId, onChosen, moving } = given;
  const { build } = laying;
  const drawing = useMemo(() => drawFromAbove(catalogue, vessel, build), [catalogue, vessel, build]);
  const cutDeg = useMemo(() => bestCutDeg(vessel, build.placements), [vessel, build]);
  const hand = useHand(given, drawing);
  const chosen = drawing.bunches.find((one) => one.id === chosenId);
  const picture = (
    <PotDrawn drawing={drawing} {...sauces}>
      {drawing.bunches
        .filter((one) => one.held === 'locked')
        .map((one) => (
          <Locked key={one.id} {...one} />
        ))}
      {(vessel.outline ?? 'round') === 'round' ? <CutMarks vessel={vessel} cutDeg={cutDeg} /> : null}
      {chosen ? <Chosen {...chosen} /> : null}
    </PotDrawn>
  );
  return (
    <View className="w-full">
      <Suspense fallback={picture}>
        <Hand {...hand} carries={moving} className={classes('w-full', moving ? 'cursor-grab' : 'cursor-pointer')}>
          {picture}
        </Hand>
      </Suspense>
      {/* Keys are not for what feels fingers: it would take them for taps. */}
      <Places drawing={drawing} build={build} laying={laying} chosenId={chosenId} onChosen={onChosen} />
    </View>
  );
}
