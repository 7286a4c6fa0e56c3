import { goesInFrozen } from '../catalogue/kinds';
import type { Edit, Evening, SimmerPiece } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { HEAT_SOURCES, standsOn } from '../catalogue/heatSources';
import { cuttableMm, isCutByThickness } from '../catalogue/cutThickness';
import { styleById } from '../catalogue/styles';
import { canBeHotter, pourOf, stagesOf } from '../evening/tonight';
import { usefulPowerW } from '../heat/burner';
import { shortName } from '../catalogue/shortName';
import { capital } from '../measures/capital';

/** Something that a cook may wonder about, with what it changes. */
export interface WhatIf {
  id: string;
  label: string;
  edits: Edit[];
}

/** A cut is made so much thicker or thinner at a time. */
const THICKER = 1.4;
const HIGHER_M = 1000;

const guest = (name: string): Edit => ({
  kind: 'guestJoined',
  diner: { name, appetite: 'regular', diets: [], avoids: [], child: false },
});

/** Names that nobody at the table has. */
function names({ diners }: Evening, count: number): string[] {
  const taken = new Set(diners.map((one) => one.name.toLowerCase()));
  const free = Array.from({ length: diners.length + count }, (_, index) => `Guest ${index + 1}`);
  return free.filter((name) => !taken.has(name.toLowerCase())).slice(0, count);
}

/** The next weaker or stronger burner of the house that the pot bears. */
function burner({ heatSource, vessel }: Evening, way: 'weaker' | 'stronger') {
  const mineW = usefulPowerW(heatSource);
  const others = HEAT_SOURCES.filter((one) => standsOn(vessel, one))
    .filter((one) => (way === 'weaker' ? usefulPowerW(one) < mineW - 1 : usefulPowerW(one) > mineW + 1))
    .sort((a, b) => Math.abs(usefulPowerW(a) - mineW) - Math.abs(usefulPowerW(b) - mineW));
  return others[0];
}

/** What can be asked of the whole pot. */
export function whatIfs(evening: Evening): WhatIf[] {
  const { vessel, place, diners } = evening;
  const pour = pourOf(stagesOf(evening, styleById(evening.style.id)!));
  const weaker = burner(evening, 'weaker');
  const stronger = burner(evening, 'stronger');
  const ofBurner = (heatSource: typeof weaker, id: string): WhatIf[] =>
    heatSource ? [{ id, label: `On the ${heatSource.name}`, edits: [{ kind: 'heatSourceChosen', heatSource }] }] : [];
  return [
    ...(vessel.lid
      ? [{ id: 'lidOff', label: 'No lid', edits: [{ kind: 'lidSet' as const, lid: false }] }]
      : [{ id: 'lidOn', label: 'With a lid', edits: [{ kind: 'lidSet' as const, lid: true }] }]),
    ...(canBeHotter(pour)
      ? [
          evening.choices.brothHot
            ? {
                id: 'brothAsMade',
                label: 'The broth as it stands',
                edits: [{ kind: 'brothHotSet' as const, hot: false }],
              }
            : {
                id: 'brothHot',
                label: 'The broth poured boiling',
                edits: [{ kind: 'brothHotSet' as const, hot: true }],
              },
        ]
      : []),
    ...ofBurner(weaker, 'weaker'),
    ...ofBurner(stronger, 'stronger'),
    ...(diners.length <= 22 ? [{ id: 'twoMore', label: 'Two more guests', edits: names(evening, 2).map(guest) }] : []),
    ...(place.altitudeM >= HIGHER_M
      ? [{ id: 'seaLevel', label: 'At sea level', edits: [{ kind: 'heightSet' as const, altitudeM: 0 }] }]
      : []),
    {
      id: 'higher',
      label: `${HIGHER_M} m higher`,
      edits: [{ kind: 'heightSet', altitudeM: Math.round(Math.min(5500, place.altitudeM + HIGHER_M)) }],
    },
  ];
}

/** What can be asked of one thing that goes into the pot. */
export function whatIfsOf(evening: Evening, piece: SimmerPiece): WhatIf[] {
  const { ingredientId } = piece;
  const catalogue = catalogueOf(evening);
  const what = catalogue.byId(ingredientId);
  const usualMm = what.cuts[piece.cut]?.thicknessMm;
  const short = shortName(catalogue.byId(ingredientId), piece.cut);
  const name = capital(short);
  const isFrozen = evening.choices.frozen?.includes(ingredientId) === true;
  const mm = evening.overrides.thicknessMm?.[ingredientId]?.[piece.cut] ?? usualMm;
  const cut = (id: string, label: string, thicknessMm: number): WhatIf => ({
    id: `${id}-${ingredientId}-${piece.cut}`,
    label,
    edits: [{ kind: 'thicknessSet', ingredientId, cut: piece.cut, thicknessMm }],
  });
  const found = what.cuts[piece.cut];
  const isCut = mm !== undefined && found && isCutByThickness(found) && piece.way !== 'stacked';
  return [
    ...(isCut
      ? [
          cut('thicker', `${name} ${cuttableMm(mm * THICKER)} mm thick`, Math.min(80, cuttableMm(mm * THICKER))),
          cut('thinner', `${name} ${cuttableMm(mm / THICKER)} mm thick`, Math.max(1, cuttableMm(mm / THICKER))),
        ].filter((one) => one.edits[0]!.kind === 'thicknessSet' && one.edits[0].thicknessMm !== mm)
      : []),
    // What is kept in the freezer goes in frozen anyway.
    ...(what.kept === 'freezer' || !goesInFrozen(what)
      ? []
      : [
          {
            id: `frozen-${ingredientId}`,
            label: isFrozen ? `${name} thawed` : `${name} frozen`,
            edits: [{ kind: 'frozenSet' as const, ingredientId, frozen: !isFrozen }],
          },
        ]),
  ];
}
