import type { Formula } from '../formula';
import { body, does, salting } from './parts';
import { FRESH } from './brothSteps';

const heat = (says: string) =>
  does('heat', says, 8, { bare: 'Heat it', tempC: 96, steam: 'simmer', lid: true, lookFor: 'it steams all over' });
const taste = does('taste', 'Taste it before anything goes in: makers differ', 1, { tempC: 90 });
const EVERY_POT = [
  'everything',
  'staged',
  'meatball',
  'clear',
  'plainWater',
  'spicyStew',
  'mushroom',
  'satay',
] as const;

/** Broths from a carton, a bottle or a packet: what the label says of its salt decides how far it is let down. */
export const BOTTLED_BROTHS: readonly Formula[] = [
  {
    id: 'cartonBroth',
    name: 'Broth from a carton of stock',
    named: { of: ['readyChickenStock', 'readyVegetableStock'], otherwise: 'Broth from a carton' },
    kind: 'broth',
    families: EVERY_POT,
    purpose: 'Three parts of ready stock to two of water; salt only where the label leaves room for it.',
    scaledBy: 'finishedVolume',
    thinnedWith: 'water',
    fromLabel: 'readyChickenStock',
    parts: [body('readyChickenStock', 600, { in: 'heat' }), salting('salt', 1)],
    target: { salinityPct: [0.7, 0.78, 0.95] },
    schools: [],
    steps: [heat('{in} and the water to a simmer'), does('season', 'Season with {in}', 1, { tempC: 90 }), taste],
    keeps: FRESH,
  },
  {
    id: 'concentrateBroth',
    name: 'Broth from a bottled concentrate',
    named: { of: ['bottledDashi'], otherwise: 'Broth from a bottle' },
    kind: 'broth',
    families: ['clear', 'layered', 'plainWater', 'meatball', 'staged', 'miso'],
    purpose: 'So much water to the concentrate as its label and the pot ask for.',
    scaledBy: 'finishedVolume',
    thinnedWith: 'water',
    fromLabel: 'bottledDashi',
    parts: [salting('bottledDashi', 1, { in: 'season' })],
    target: { salinityPct: [0.7, 0.82, 0.95], umamiGPer100g: [0.03, 1] },
    schools: [],
    steps: [heat('The water to a simmer'), does('season', '{in} into it', 1, { tempC: 90 }), taste],
    keeps: FRESH,
  },
  {
    id: 'readyBaseBroth',
    name: 'Broth from a ready hot pot base',
    named: { of: ['readyPotBase'], otherwise: 'Broth from a packet' },
    kind: 'broth',
    families: ['numbing', 'divided', 'spicyStew', 'staged'],
    purpose: 'The base melted low and let down until its salt is where the pot wants it, not where the packet says.',
    scaledBy: 'finishedVolume',
    thinnedWith: 'water',
    fromLabel: 'readyPotBase',
    parts: [salting('readyPotBase', 1, { in: 'melt' })],
    target: { salinityPct: [0.75, 0.9, 1.05], heat: [1, 5] },
    schools: [],
    steps: [
      does('melt', 'Melt {in} in a dry pan, low; air the room', 4, { tempC: 90, lookFor: 'the fat is clear' }),
      heat('Water by the ladle, then the rest; bring it to a simmer'),
      taste,
    ],
    keeps: FRESH,
  },
];

/** A dip from a bottle, let down at the table. */
export const BOTTLED_DIPS: readonly Formula[] = [
  {
    id: 'bottledDipLetDown',
    name: 'Dip from a bottle',
    kind: 'sauce',
    families: ['plainWater', 'clear', 'layered', 'meatball', 'souredPork', 'staged'],
    purpose: 'A bought dip, thinned with hot broth in each bowl so far as its label asks for.',
    scaledBy: 'head',
    mlPerHead: 40,
    thinnedWith: 'broth',
    fromLabel: 'bottledDip',
    parts: [salting('bottledDip', 1)],
    target: { salinityPct: [4, 4.8, 6] },
    schools: [],
    steps: [
      does('pour', 'Pour {in} into the bowls', 1),
      does('thin', 'At the table, thin each bowl with {thinner}', 1, { whenServed: true }),
    ],
    keeps: { fridgeDays: 30, freezerMonths: 0, how: 'in its bottle, as its label says' },
  },
];
