import { findStyles } from './findStyles';
import { STYLES } from './styles';

const idsOf = (text: string) => findStyles(text).map((style) => style.id);

describe('finding a pot', () => {
  it('gives all of them while nothing is typed', () => {
    expect(idsOf('  ')).toEqual(STYLES.map((style) => style.id));
  });

  it('goes by the name, by what it is like, and by what is in it, in English and romanised', () => {
    expect(idsOf('sukiyaki')).toEqual(['sukiyakiEast', 'sukiyakiWest']);
    expect(idsOf('Jeongol')).toContain('beefJeongol');
    expect(idsOf('duck')).toEqual(['clearDuckSwish']);
    expect(idsOf('hakusai')).toEqual(idsOf('napa cabbage'));
    expect(idsOf('miso salmon')).toContain('salmonMiso');
  });

  it('wants every word, whatever its case and marks, and says nothing where there is none', () => {
    expect(idsOf('MISO  Prawns')).toEqual(['whiteMisoChickenPrawn']);
    expect(idsOf('sukiyakí')).toEqual(idsOf('sukiyaki'));
    expect(idsOf('pineapple')).toEqual([]);
  });
});
