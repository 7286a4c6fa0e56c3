import { actionKindSchema } from '@elixa/contract';
import { CATALOGUE } from '../catalogue/catalogue';
import { STYLES } from '../catalogue/styles';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { some } from '../testing/runs';
import { heard, type Asked } from './heard';
import { liveSteps } from './liveSteps';
import { spokenCue } from './spoken';

const KINDS: Asked['kind'][] = [...actionKindSchema.options, 'rescue'];
const at = (kind: Asked['kind'], more: Partial<Asked> = {}): Asked => ({
  kind,
  names: ['prawns', 'enoki'],
  others: ['chicken', 'daikon'],
  isAsked: false,
  isFarOff: false,
  ...more,
});

describe('an answer by voice', () => {
  it.each([
    ["It's in", 'add'],
    ['Okay, they are in now.', 'add'],
    ['The prawns and the enoki are in', 'add'],
    ['in', 'add'],
    ['Done', 'add'],
    ['It boils', 'boil'],
    ["it's boiling", 'boil'],
    ['The pot is bubbling all over', 'boil'],
    ['It is simmering again', 'boil'],
    ['lid on', 'cover'],
    ["The lid's off", 'uncover'],
    ['It’s lit', 'light'],
    ['the heat is turned down', 'heatDown'],
    ["they're out", 'rescue'],
    ['poured', 'pour'],
    ["It's on the table", 'serve'],
    ['spooned over', 'baste'],
    ['stirred', 'stir'],
  ] as const)('%s says that it is done (%s)', (text, kind) => {
    expect(heard(text, at(kind))).toBe('done');
  });

  it.each([
    ['not yet', 'add'],
    ["No, it isn't boiling yet", 'boil'],
    ["It doesn't boil", 'boil'],
    ["they're not in", 'add'],
    ["The prawns aren't in yet", 'add'],
    ['Wait', 'serve'],
    ['One moment, please', 'add'],
    ['leave it in', 'rescue'],
    ['still not', 'boil'],
  ] as const)('%s says that it is not yet (%s)', (text, kind) => {
    expect(heard(text, at(kind))).toBe('notYet');
  });

  it('is a plain yes or no only to what was asked aloud a moment ago', () => {
    expect(heard('Yes', at('boil'))).toBeUndefined();
    expect(heard('No', at('boil'))).toBeUndefined();
    expect(heard('Yes, it does.', at('boil', { isAsked: true }))).toBe('done');
    expect(heard('No', at('boil', { isAsked: true }))).toBe('notYet');
  });

  it('to what is not due for long has to name it; a boil that comes early needs no more', () => {
    expect(heard("It's in", at('add', { isFarOff: true }))).toBe('early');
    expect(heard('Done', at('add', { isFarOff: true }))).toBe('early');
    expect(heard('Not yet', at('add', { isFarOff: true }))).toBe('early');
    expect(heard('Not yet', at('boil', { isFarOff: true }))).toBe('notYet');
    expect(heard('The prawns are in', at('add', { isFarOff: true }))).toBe('done');
    expect(heard('It boils', at('boil', { isFarOff: true }))).toBe('done');
  });

  it('about another thing of the plan is told apart, and does nothing', () => {
    expect(heard('The chicken is in', at('add'))).toBe('another');
    expect(heard('The daikon is out', at('rescue'))).toBe('another');
  });

  it('can be taken back, asked for again, and asked how long, at any time', () => {
    expect(heard('Take that back')).toBe('takeBack');
    expect(heard("What's next?")).toBe('sayAgain');
    expect(heard('How much?', at('add'))).toBe('sayAgain');
    expect(heard('How much longer?')).toBe('howLong');
  });

  const CHATTER = [
    'Is dad in?',
    'The postman is in',
    'Come in',
    'I told you it boils down to money',
    'You are not serious',
    'Turn the music off',
    'The light is on in the hall',
    'We are out of milk',
    'Put it on the table, would you',
    'I have never eaten so well',
    'in a way',
    'it is not about the money',
    '',
    'and then she was done with him',
  ];
  it.each(CHATTER)('is not what people say to each other: %s', (text) => {
    for (const kind of KINDS) expect([kind, heard(text, at(kind))]).toEqual([kind, undefined]);
  });

  it.each(some(STYLES, 4).map(({ id }) => [id]))('is never what the phone itself says at %s', (id) => {
    const plan = planPot(suited(eveningFor(4), id));
    for (const step of liveSteps(CATALOGUE, plan.simmer)) {
      const asked = at(step.kind, { isAsked: true });
      for (const moment of ['soon', 'now', 'again'] as const) {
        expect(heard(spokenCue(CATALOGUE, { ...step, dueInS: 0 }, moment), asked)).toBeUndefined();
      }
    }
  });

  it.each(KINDS.map((kind) => [kind]))('denied is never the same as said: %s', (kind) => {
    for (const said of ['in', 'out', 'off', 'on', 'boiling', 'lit', 'poured', 'down', 'stirred']) {
      expect(heard(`It is not ${said}`, at(kind, { isAsked: true }))).not.toBe('done');
      expect(heard(`It isn't ${said} yet`, at(kind, { isAsked: true }))).not.toBe('done');
    }
  });
});
