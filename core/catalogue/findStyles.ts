import { ingredientById } from './ingredients';
import { STYLES } from './styles';
import type { Style } from './style';

/** Letters without their marks and in one case, as people type them. */
const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

const spoken = ({ name, says, slots }: Style) => {
  const things = slots.map(({ ingredientId }) => ingredientById(ingredientId));
  return plain([name, says, ...things.flatMap((one) => [one.name, one.nativeName ?? ''])].join(' '));
};

/**
 * Pots by what they are called, what they are like, or by something that goes into them, in English or romanised.
 * @param text every word of it has to be found; all pots where it is empty
 */
export function findStyles(text: string): readonly Style[] {
  const words = plain(text).split(/\s+/).filter(Boolean);
  return STYLES.filter((style) => {
    const heard = spoken(style);
    return words.every((word) => heard.includes(word));
  });
}
