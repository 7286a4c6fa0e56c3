import type { Act, PotProgram } from '../program';
import type { Action } from '../simmer';
import { isRaw, type Raw } from './evening1to2';

/** What older plans do not say: how warm a broth is that is poured, how hot a pan is that is fried in. Kitchen estimates. */
const UNTOLD = { poured: 20, pan: 140 } as const;

const NOTHING = { saltG: 0, sugarG: 0, acidG: 0, alcoholG: 0, glutamateG: 0, nucleotideG: 0 } as const;

const PLAIN: Partial<Record<Action['kind'], readonly Act[]>> = {
  light: [{ is: 'light' }],
  boil: [{ is: 'heat', share: 1, holds: 'boil' }],
  heatUp: [{ is: 'heat', share: 1, holds: 'boil' }],
  heatDown: [{ is: 'heat', share: 1, holds: 'justUnder' }],
  melt: [{ is: 'dryWork', doing: 'melt', panC: UNTOLD.pan }],
  fry: [{ is: 'dryWork', doing: 'fry', panC: UNTOLD.pan }],
  sear: [{ is: 'dryWork', doing: 'sear', panC: UNTOLD.pan }],
  deglaze: [{ is: 'dryWork', doing: 'deglaze', panC: UNTOLD.pan }],
  cover: [{ is: 'lid', lid: 'on' }],
  uncover: [{ is: 'lid', lid: 'off' }],
  stir: [{ is: 'stirred' }],
  loosen: [{ is: 'loosened' }],
  skim: [{ is: 'skimmed' }],
  season: [{ is: 'seasoned' }],
  rest: [{ is: 'rested' }],
  serve: [{ is: 'served' }],
  off: [{ is: 'heat', share: 0 }, { is: 'served' }],
};

/** What a line of a plan does to its pot, as far as the line alone says it. */
function actsOfLine({ kind, pieceId, ingredientId, cut = '', massG = 0, volumeMl = 0 }: Action): readonly Act[] {
  if (kind === 'swish') return [{ is: 'eaten', pieceIds: pieceId ? [pieceId] : [] }];
  if (pieceId && ingredientId) return [{ is: 'added', pieceId, ingredientId, cut, massG }];
  if (kind === 'pour' || kind === 'enrich') {
    const ml = Math.max(0, volumeMl);
    return [{ is: 'poured', liquid: 'broth', ml, tempC: UNTOLD.poured, contents: { ...NOTHING, waterG: ml } }];
  }
  if (kind === 'lift' && volumeMl < 0) return [{ is: 'ladled', ml: -volumeMl, to: 'jug' }];
  return PLAIN[kind] ?? [{ is: 'liftedOut', pieceIds: [] }];
}

/** Programs did not say at first which slices lie on the dry pan. */
const lacksPieces = (act: Act) => act.is === 'dryWork' && act.doing === 'sear' && act.pieceIds === undefined;
const withPieces = (act: Act, { pieceId }: Action): Act =>
  act.is === 'dryWork' && lacksPieces(act) && pieceId ? { ...act, pieceIds: [pieceId] } : act;

const POT = { id: 'main', name: 'pot' } as const;
const SMALL_PAN = { id: 'aside', name: 'small pan' } as const;

/**
 * A plan of before there were programs: its acts are what its lines say. One that has a program keeps it, and gets acts for
 * the lines that had none then.
 */
export function plan3to4(input: Raw): Raw {
  if (!isRaw(input.simmer) || !Array.isArray(input.simmer.actions)) return { ...input, schemaVersion: 4 };
  const actions = input.simmer.actions as Action[];
  const had = isRaw(input.program) ? (input.program as PotProgram) : undefined;
  const isWhole = (line: Action) =>
    had?.acts.some(({ actionId, act }) => actionId === line.id && !(lacksPieces(act) && line.pieceId));
  if (had && actions.every(isWhole)) return { ...input, schemaVersion: 4 };
  const byLine = actions.flatMap((line) => {
    const planned = had?.acts.filter((one) => one.actionId === line.id) ?? [];
    if (planned.length > 0) return planned.map((one) => ({ ...one, act: withPieces(one.act, line) }));
    return actsOfLine(line).map((act, index) => ({
      id: index === 0 ? line.id : `${line.id}/${index}`,
      actionId: line.id,
      potId: line.pan,
      round: line.round,
      atS: line.atS,
      ...(line.kind === 'boil' ? { on: 'boil' as const } : {}),
      act,
    }));
  });
  const isAside = actions.some(({ pan }) => pan === 'aside');
  const pots = had?.pots ?? (isAside ? [POT, SMALL_PAN] : [POT]);
  return { ...input, schemaVersion: 4, program: { pots, acts: byLine } };
}
