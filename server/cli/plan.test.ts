import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { planSchema, PUBLISHED_SCHEMA_NAMES, publishedSchema } from '@elixa/contract';
import { planAnswer } from './planAnswer';

const ROOT = path.join(import.meta.dirname, '..', '..');
const example = (name: string) => readFileSync(path.join(ROOT, 'examples', `${name}.json`), 'utf8');
const document = () => JSON.parse(example('practice-night'));
/** The answer to a document on the standard input. */
const plan = (text: string, ...more: string[]) => planAnswer(['-', ...more], () => text);

describe('npm run -s plan', () => {
  it('reads a file or the standard input, and leaves what was printed and the exit code', () => {
    const called = (args: string[], input?: string) =>
      spawnSync(process.execPath, ['--import', '@oxc-node/core/register', 'server/cli/plan.ts', ...args], {
        cwd: ROOT,
        input,
        encoding: 'utf8',
      });
    const text = example('practice-night');
    const { stdout, stderr, status } = called(['examples/practice-night.json']);
    expect({ stdout, stderr, status }).toEqual({ stdout: plan(text).out, stderr: '', status: 0 });
    const faulty = called(['-'], '{ "id": ');
    expect(faulty).toMatchObject({ status: 2, stdout: '', stderr: plan('{ "id": ').said });
  });

  it.each(['practice-night', 'first-frost', 'muffled-peal'])('prints the plan of %s as JSON', (name) => {
    const { out, said, status } = plan(example(name));
    expect({ status, said }).toEqual({ status: 0, said: '' });
    expect(planSchema.parse(JSON.parse(out)).eveningId).toBe(name);
  });

  it('prints what is done at the pots, line by line, where that is asked for', () => {
    const { out, status } = plan(example('practice-night'), '--program');
    expect(status).toBe(0);
    expect(out.split('\n')[0]).toMatch(/^ *0:00 .*light$/);
    expect(out).toMatch(/pour \d+ ml of/);
    expect(plan(example('practice-night'), '--picture').status).toBe(2);
  });

  it('names the field and the fix, with exit code 2 and nothing printed', () => {
    const diners = [{ ...document().diners[0], appetite: 'huge' }];
    const { out, said, status } = plan(JSON.stringify({ ...document(), diners }));
    expect(status).toBe(2);
    expect(out).toBe('');
    expect(said).toMatch(/diners\[0\]\.appetite: .*Use one of: small, regular, large\./);
  });

  it('says so when something is asked for that the catalogue does not hold', () => {
    const { said, status } = plan(JSON.stringify({ ...document(), style: { id: 'moonSoup', schools: {} } }));
    expect(status).toBe(2);
    expect(said).toMatch(/style\.id: There is no style "moonSoup"\. Use one of: clearChicken/);
  });

  it('says so when there is no such file, no JSON, or no file named', () => {
    const nowhere = planAnswer(['examples/nowhere.json'], (file) => readFileSync(path.join(ROOT, file), 'utf8'));
    expect(nowhere).toMatchObject({ status: 2, said: expect.stringContaining('ENOENT') });
    expect(plan('{ "id": ')).toMatchObject({ status: 2, said: expect.stringContaining('not JSON') });
    expect(planAnswer([], () => '')).toMatchObject({ status: 2, said: expect.stringContaining('Usage') });
  });
});

describe('the published schemas', () => {
  it.each(PUBLISHED_SCHEMA_NAMES)('in the repository are the ones of the code: %s', (name) => {
    const file = path.join(ROOT, 'contract', 'schemas', `${name}.schema.json`);
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(publishedSchema(name))));
  });
});
