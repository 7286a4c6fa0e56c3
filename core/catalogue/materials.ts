import type { HeatSource, VesselMaterial } from '@elixa/contract';

/** How a pot of a material gets on with a burner. */
export interface OnBurner {
  verdict: 'suits' | 'slow' | 'never';
  says: string;
}

/** What a material likes and what harms it. */
export interface Material {
  name: string;
  says: string;
  on: Record<HeatSource['kind'], OnBurner>;
  harms: readonly string[];
  /** How it is looked after, from the first day on, and which marks of age mean nothing. */
  care: ReadonlyArray<{ when: string; says: string }>;
}

const suits = (says: string): OnBurner => ({ verdict: 'suits', says });
const slow = (says: string): OnBurner => ({ verdict: 'slow', says });

/** The thermostat of a pan lets it cool and warm by turns. */
const ITS_OWN = suits('By its own element: set it to boil, not to fry, and wait for its lamp.');

/** General kitchen knowledge; what the maker of a pot says comes first. */
export const MATERIALS: Readonly<Record<VesselMaterial, Material>> = {
  clay: {
    name: 'Clay',
    says: 'Slow to warm and slow to cool: it goes on simmering at the table.',
    on: {
      portableGas: suits('On a low flame first, then higher.'),
      gasHob: suits('On a low flame first, then higher.'),
      induction: { verdict: 'never', says: 'Only where it is made for induction.' },
      electricPlate: slow('Under it a heat spreader, and time.'),
      ownElement: ITS_OWN,
    },
    harms: [
      'heating it empty or almost dry',
      'cold liquid in a hot pot, or a hot pot on a wet cold surface',
      'its foot wet on the flame',
    ],
    care: [
      {
        when: 'New, or leaking a little',
        says: 'Seal it: two handfuls of rice in water to four fifths, an hour on the lowest flame, left to cool in it, then rinsed. The starch fills the pores.',
      },
      {
        when: 'After the meal',
        says: 'Let it cool by itself. Wash it with hot water and a soft brush; clay drinks soap. Never leave broth in it overnight.',
      },
      {
        when: 'Put away',
        says: 'Upside down on a rack for a day or two, until its foot is pale: shut away damp it moulds, and a damp pot cracks on the flame.',
      },
      {
        when: 'As it ages',
        says: 'Fine lines in the glaze and dark spots underneath come with use and are harmless. Seal it again once a year.',
      },
      {
        when: 'Worn out',
        says: 'A crack that can be felt with a fingernail, or one that still drips after sealing: it goes near no flame any more.',
      },
    ],
  },
  castIron: {
    name: 'Cast iron',
    says: 'Holds much heat and sears well; it answers slowly to the flame.',
    on: {
      portableGas: suits('Mind its weight and its width over the cartridge.'),
      gasHob: suits('Any flame.'),
      induction: suits('Warm it step by step.'),
      electricPlate: suits('Needs time to warm.'),
      ownElement: ITS_OWN,
    },
    harms: ['leaving sour or salty liquid in it overnight', 'cold water in a hot pan', 'putting it away wet'],
    care: [
      {
        when: 'New',
        says: 'Wash, dry on the flame, wipe with oil so thinly that it looks dry, heat until it stops smoking.',
      },
      { when: 'After the meal', says: 'Hot water and a brush while it is warm; dry it on the flame, a film of oil.' },
      { when: 'As it ages', says: 'Black and smooth is what it should be. Rust is scoured off and oiled again.' },
    ],
  },
  steel: {
    name: 'Steel',
    says: 'Answers at once; what is thick catches on a thin bottom.',
    on: {
      portableGas: suits('Any flame.'),
      gasHob: suits('Any flame.'),
      induction: suits('Where a magnet holds to its bottom.'),
      electricPlate: suits('Flat bottoms only.'),
      ownElement: ITS_OWN,
    },
    harms: ['salt in cold water, which pits it', 'boiling it dry'],
    care: [
      {
        when: 'After the meal',
        says: 'Soak what has caught in warm water; boil a spoon of soda in it rather than scratch.',
      },
      {
        when: 'As it ages',
        says: 'Rainbow stains come off with vinegar and mean nothing; so do small white pits from salt.',
      },
    ],
  },
  aluminium: {
    name: 'Aluminium',
    says: 'Light and quick; hot over all of its bottom.',
    on: {
      portableGas: suits('Any flame.'),
      gasHob: suits('Any flame.'),
      induction: { verdict: 'never', says: 'Only with a steel plate in its bottom.' },
      electricPlate: suits('Flat bottoms only.'),
      ownElement: ITS_OWN,
    },
    harms: ['sour broths for hours', 'boiling it dry'],
    care: [
      { when: 'After the meal', says: 'By hand: dishwasher salts turn it grey and rough.' },
      {
        when: 'As it ages',
        says: 'A darkened inside protects it; leave it be. A bent bottom stands badly: no more hot fat in it.',
      },
    ],
  },
  enamel: {
    name: 'Enamel',
    says: 'Even and easy to clean; it takes sour and salty broths.',
    on: {
      portableGas: suits('Mind its weight over the cartridge.'),
      gasHob: suits('Any flame.'),
      induction: suits('Warm it step by step.'),
      electricPlate: suits('Needs time to warm.'),
      ownElement: ITS_OWN,
    },
    harms: ['searing on full heat', 'metal tools and knocks', 'cold water in a hot pot'],
    care: [
      {
        when: 'After the meal',
        says: 'Let it cool, then warm water; what sticks is soaked, never scraped with metal.',
      },
      { when: 'As it ages', says: 'Stains and a dull floor are harmless.' },
      { when: 'Worn out', says: 'Chips on the inside flake into food and rust: it cooks no more.' },
    ],
  },
};
