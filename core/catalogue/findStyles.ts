import { alsoCalled } from './alsoCalled';
import { ingredientById } from './ingredients';
import { heardIn } from './spoken';
import { STYLES } from './styles';
import type { Style } from './style';

const spoken = ({ name, says, slots }: Style) => {
  const things = slots.map(({ ingredientId }) => ingredientById(ingredientId));
  return [name, says, ...things.flatMap((one) => [one.name, one.nativeName ?? '', ...alsoCalled(one.id)])];
};

/**
 * Pots by what they are called, what they are like, or by something that goes into them, in English or romanised.
 * @param text every word of it has to be found; all pots where it is empty
 */
export const findStyles = (text: string): readonly Style[] => STYLES.filter((style) => heardIn(text, ...spoken(style)));
