import { INGREDIENTS, ingredientById } from './ingredients';
import { SECTIONS } from './pack';
import { LEFT_KEEPS_DAYS, packOf, sectionOf } from './packs';
import { PREP_SCHOOLS, prepWorkOf } from './prepWork';
import { BOARD_ORDER } from './work';

const work = (id: string, cut = '', schools = {}) => prepWorkOf(ingredientById(id), cut, schools);
const cuttable = INGREDIENTS.filter((one) => Object.keys(one.cuts).length > 0);

describe('the work that an ingredient makes', () => {
  it.each(cuttable)('is told and timed: $name', (one) => {
    for (const cut of Object.keys(one.cuts)) {
      const found = prepWorkOf(one, cut);
      expect(found.says.length).toBeGreaterThan(3);
      expect(found.fixedMin).toBeGreaterThan(0);
      expect(found.minPer100G).toBeGreaterThan(0);
      expect(found.freshMin).toBeLessThanOrEqual(found.keepsMin);
      if (found.board) expect(BOARD_ORDER).toContain(found.board);
      for (const step of [...(found.before ?? []), ...(found.after ?? [])]) expect(step.lastsMin).toBeGreaterThan(0);
    }
  });

  // Words of a label that only a knife, a hand or a shop makes true, and what the work then says.
  const MADE_BY: ReadonlyArray<readonly [RegExp, RegExp]> = [
    [/\b(slices|half-moons|discs|rounds|slabs)\b/, /slic|cut|shave/i],
    [/\b(strips|threads|shreds)\b/, /strip|thread|shred|tear|fold/i],
    [/\brings\b/, /ring|cut/i],
    [/\btorn\b/, /tear|torn/i],
    [/\bwedges\b/, /wedge|cut/i],
  ];

  it.each(cuttable)('says what makes the cut that it is called: $name', (one) => {
    for (const [cut, { label, cooks }] of Object.entries(one.cuts)) {
      if (!cooks || /from the (stock|broth|tin)|ready/.test(label)) continue;
      const { says } = prepWorkOf(one, cut);
      for (const [named, made] of MADE_BY) {
        if (named.test(label)) expect(`${label}: ${says}`).toMatch(made);
      }
      if (/^whole/.test(label)) expect(`${label}: ${says}`).not.toMatch(/\b(cut|slice)\b(?! small)/i);
      expect(says).not.toBe('Measure');
      if (says === 'Loosen') expect(`${one.name}, ${label}`).toMatch(/noodle|udon|rice/i);
    }
  });

  it('puts raw fish and meat last on the board, and minces on none', () => {
    expect(work('codFillet').board).toBe('fish');
    expect(work('chickenThigh').board).toBe('meat');
    expect(work('chickenMince').board).toBeUndefined();
    expect(BOARD_ORDER.indexOf('plants')).toBeLessThan(BOARD_ORDER.indexOf('meat'));
  });

  it('firms meat for thin slices, soaks noodles, thaws prawns, and keeps lotus root in water', () => {
    expect(work('beefSlice', 'thin').before!.some((step) => step.needs?.includes('freezer'))).toBe(true);
    expect(work('glassNoodle', 'soaked').before!.some((step) => step.lastsMin >= 20 && !step.attended)).toBe(true);
    expect(work('prawn', 'whole').before!.some((step) => step.says === 'It thaws')).toBe(true);
    expect(work('lotusRoot', 'slice').after![0]!.says).toContain('water');
  });

  it('lets nothing spoil faster than grated radish, and no soaked noodle wait for an hour', () => {
    const radish = work('daikon', 'grated');
    expect(radish.keepsMin).toBeLessThanOrEqual(20);
    for (const one of cuttable) expect(prepWorkOf(one, '').staleness).toBeLessThanOrEqual(radish.staleness);
    for (const id of ['glassNoodle', 'mungVermicelli', 'riceNoodle', 'riceCake']) {
      expect(work(id).keepsMin).toBeLessThan(60);
    }
  });

  it('follows the school that is chosen, and no other', () => {
    expect(work('firmTofu', 'block').before).toBeUndefined();
    expect(work('firmTofu', 'block', { tofu: 'pressed' }).before).toHaveLength(2);
    expect(work('firmTofu', 'block', { tofu: 'grilled' }).after).toHaveLength(1);
    expect(work('carrot', 'round', { tofu: 'grilled' }).after).toBeUndefined();
    for (const options of Object.values(PREP_SCHOOLS)) {
      for (const { of } of Object.values(options)) expect(ingredientById(of)).toBeDefined();
    }
  });
});

describe('how it is sold', () => {
  it.each(INGREDIENTS)('has a section, and a pack where it is not weighed or counted: $name', (one) => {
    const section = sectionOf(one);
    expect(SECTIONS).toContain(section);
    expect(LEFT_KEEPS_DAYS[section]).toBeGreaterThan(0);
    const pack = packOf(one);
    if (!pack && !one.sold?.countable) expect(['vegetables', 'meat', 'fish']).toContain(section);
    if (pack) expect(pack.massG).toBeGreaterThan(0);
    // What comes out of a bottle is measured in a jug.
    if (pack && /\bm?l\b/.test(pack.unit)) expect(one.poured).toBe(true);
  });

  it('finds ginger with the vegetables, dried fish on the shelf and chilli with the spices', () => {
    const section = (id: string) => sectionOf(ingredientById(id));
    expect(['ginger', 'bonitoFlakes', 'driedChilli', 'pumpkin', 'misoRed', 'egg'].map(section)).toEqual([
      'vegetables',
      'driedGoods',
      'spices',
      'vegetables',
      'sauces',
      'tofuAndEggs',
    ]);
  });

  it('looks for bones and skin only where there are any, and washes nothing that came out of a jar', () => {
    for (const one of INGREDIENTS) {
      for (const cut of Object.keys(one.cuts)) {
        const { says } = prepWorkOf(one, cut);
        if (/bones/.test(says)) expect([one.id, one.perils]).toEqual([one.id, expect.arrayContaining(['bones'])]);
        if (one.saltPct > 1 && one.family === 'leaf') expect(`${one.id}: ${says}`).not.toMatch(/: Wash/);
      }
    }
  });
});
