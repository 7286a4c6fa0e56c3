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
  },
};
