import type { Vessel } from '@elixa/contract';

/** Pots to choose from; a cook can also enter one by its width, depth and volume. */
export const VESSELS: readonly Vessel[] = [
  {
    id: 'clay28',
    name: '28 cm clay pot',
    material: 'clay',
    innerDiameterMm: 280,
    innerDepthMm: 72,
    rimVolumeMl: 2600,
    emptyMassG: 2600,
    lid: true,
    divided: false,
    inductionReady: false,
  },
  {
    id: 'iron30',
    name: '30 cm cast-iron pan',
    material: 'castIron',
    innerDiameterMm: 300,
    innerDepthMm: 50,
    rimVolumeMl: 3200,
    emptyMassG: 3400,
    lid: false,
    divided: false,
    inductionReady: true,
  },
  {
    id: 'divided24',
    name: '24 cm divided steel pot',
    material: 'steel',
    innerDiameterMm: 240,
    innerDepthMm: 90,
    rimVolumeMl: 3700,
    emptyMassG: 1300,
    lid: true,
    divided: true,
    inductionReady: true,
  },
  {
    id: 'steel26',
    name: '26 cm steel casserole',
    material: 'steel',
    innerDiameterMm: 260,
    innerDepthMm: 110,
    rimVolumeMl: 5500,
    emptyMassG: 1900,
    lid: true,
    divided: false,
    inductionReady: true,
  },
];

/** Second pan for guests who eat apart from the pot: a plain small saucepan. */
export const ASIDE_PAN: Vessel = {
  id: 'aside18',
  name: 'small pan',
  material: 'steel',
  innerDiameterMm: 180,
  innerDepthMm: 90,
  rimVolumeMl: 2100,
  emptyMassG: 900,
  lid: true,
  divided: false,
  inductionReady: true,
};

/** Pan that a stock is made in when nothing else is said. */
export const STOCK_PAN: Vessel = {
  id: 'stock22',
  name: 'stock pan',
  material: 'steel',
  innerDiameterMm: 220,
  innerDepthMm: 130,
  rimVolumeMl: 4800,
  emptyMassG: 1300,
  lid: true,
  divided: false,
  inductionReady: true,
};

/** Pans for those who eat apart, from the smallest. */
export const ASIDE_PANS: readonly Vessel[] = [ASIDE_PAN, { ...STOCK_PAN, name: 'second pan' }];
