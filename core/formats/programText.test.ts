import { STYLES } from '../catalogue/styles';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { programText } from './programText';
import { CATALOGUE } from '../catalogue/catalogue';

describe('the program as text', () => {
  it.each(STYLES.map(({ id }) => id))(
    'says each act of %s in one line, and nothing that only a machine reads',
    (id) => {
      const { program } = planPot(suited(eveningFor(4), id));
      const lines = programText(CATALOGUE, { program }).split('\n');
      expect(lines).toHaveLength(program.acts.length);
      for (const one of lines) expect(one).toMatch(/^ *\d+:\d\d {2,3}\d+ {2}\S/);
      expect(lines.join('\n')).not.toMatch(/undefined|NaN|\[object|r\d-main/);
    },
  );

  it('gives amounts, heat and lid as they are simulated', () => {
    const text = programText(CATALOGUE, planPot(suited(eveningFor(4), 'salmonMiso')));
    expect(text).toMatch(/season with \d+\.\d g of light miso/);
    expect(text).toMatch(/pour \d+ ml of Miso broth, 60 °C/);
    expect(text).toMatch(/fire 100 %, held at a simmer/);
    expect(text).toMatch(/lid (on|off|ajar)/);
  });
});
