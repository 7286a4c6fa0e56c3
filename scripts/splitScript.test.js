const { firstScript, splitScript } = require('./splitScript');

const module_ = (id, length) => `__d(function(){/*${'x'.repeat(length)}*/ran.push(${id})},${id});`;
const bundle = [
  'var ran=[],defined=[];function __d(f,id){defined[id]=f}',
  ...[1, 2, 3, 4].map((id) => module_(id, 400)),
];
const code = [...bundle, 'defined[3]();defined[1]();'].join('\n');

describe('a bundle in pieces', () => {
  test.each([100, 500, 1000, 100_000])('gives the bundle again when they are joined, largest %d', (largest) => {
    expect(splitScript(code, largest).join('\n')).toBe(code);
  });

  test('no piece is longer than asked for, apart from a module that is longer by itself', () => {
    const pieces = splitScript(code, 1000);
    expect(pieces).toHaveLength(2);
    for (const piece of pieces) expect(piece.length).toBeLessThanOrEqual(1000);
    expect(splitScript(code, 100)).toHaveLength(5);
  });

  test('run one after another they do what the bundle does', () => {
    const run = (pieces) => new Function(`${pieces.join('\n')};return ran`)();
    expect(run(splitScript(code, 500))).toEqual([3, 1]);
  });

  test('a line that only looks like the beginning of a module is refused, not cut in two', () => {
    expect(() => splitScript(`${bundle[0]}\nvar text=\`\n${module_(1, 400)}\n__d(\`;`, 100)).toThrow(/cannot be cut/);
  });
});

describe('the script that a page begins with', () => {
  const tag = '<script src="/_expo/static/js/web/index-b2.js" defer></script>';

  test('is the one that the page names, whatever else is called so', () => {
    expect(firstScript(`<head><link href="/index-a1.js"></head><body>${tag}</body>`)).toEqual({
      tag,
      name: 'index-b2.js',
    });
  });

  test('is not guessed', () => {
    expect(() => firstScript('<script src="/entry.js"></script>')).toThrow(/names its script in another way/);
  });
});
