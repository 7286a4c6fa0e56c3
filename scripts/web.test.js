const { shortened } = require('./web');

const code = [
  '/* what it does */ var defined = {};',
  'function __d(factory, name) { defined[name] = factory; }',
  '__d(function (theWorld, needs) { const longName = needs(2); return longName.sayHello() + " __d("; }, 1);',
  '__d(function (theWorld, needs) { return { sayHello() { return `1\n__d(2)`; } }; }, 2);',
].join('\n');
const run = (script) => new Function(`${script};return defined[1](0, (name) => defined[name]())`)();

describe('a script that is shortened', () => {
  test('does the same in fewer letters, and keeps what others see of it', async () => {
    const short = await shortened(code);
    expect(short.length).toBeLessThan(code.length * 0.75);
    expect(short).not.toContain('what it does');
    expect(run(short)).toBe(run(code));
    expect(
      run(`${await shortened(code.split('\n').slice(0, 2).join('\n'))};${code.split('\n').slice(2).join('\n')}`),
    ).toBe(run(code));
  });
});
