import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { planSchema, PUBLISHED_SCHEMA_NAMES, publishedSchema } from '@elixa/contract';

const ROOT = path.join(__dirname, '..', '..');
const plan = (args: string[], input?: string) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'server/cli/plan.ts', ...args], {
    cwd: ROOT,
    input,
    encoding: 'utf8',
  });
const document = () => JSON.parse(readFileSync(path.join(ROOT, 'examples', 'practice-night.json'), 'utf8'));

describe('npm run -s plan', () => {
  it.each(['practice-night', 'first-frost', 'muffled-peal'])('prints the plan of %s as JSON', (name) => {
    const { stdout, stderr, status } = plan([`examples/${name}.json`]);
    expect({ status, stderr }).toEqual({ status: 0, stderr: '' });
    expect(planSchema.parse(JSON.parse(stdout)).eveningId).toBe(name);
  });

  it('prints what is done at the pots, line by line, where that is asked for', () => {
    const { stdout, status } = plan(['examples/practice-night.json', '--program']);
    expect(status).toBe(0);
    expect(stdout.split('\n')[0]).toMatch(/^ *0:00 .*light$/);
    expect(stdout).toMatch(/pour \d+ ml of/);
    expect(plan(['examples/practice-night.json', '--picture']).status).toBe(2);
  });

  it('reads standard input, and answers the same', () => {
    const text = JSON.stringify(document());
    expect(plan(['-'], text).stdout).toBe(plan(['examples/practice-night.json']).stdout);
  });

  it('names the field and the fix on stderr, with exit code 2 and nothing on stdout', () => {
    const diners = [{ ...document().diners[0], appetite: 'huge' }];
    const { stdout, stderr, status } = plan(['-'], JSON.stringify({ ...document(), diners }));
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toMatch(/diners\[0\]\.appetite: .*Use one of: small, regular, large\./);
  });

  it('says so when something is asked for that the catalogue does not hold', () => {
    const { stderr, status } = plan(['-'], JSON.stringify({ ...document(), style: { id: 'moonSoup', schools: {} } }));
    expect(status).toBe(2);
    expect(stderr).toMatch(/style\.id: There is no style "moonSoup"\. Use one of: clearChicken/);
  });

  it('says so when there is no such file, no JSON, or no file named', () => {
    expect(plan(['examples/nowhere.json'])).toMatchObject({ status: 2, stderr: expect.stringContaining('ENOENT') });
    expect(plan(['-'], '{ "id": ')).toMatchObject({ status: 2, stderr: expect.stringContaining('not JSON') });
    expect(plan([])).toMatchObject({ status: 2, stderr: expect.stringContaining('Usage') });
  });
});

describe('the published schemas', () => {
  it.each(PUBLISHED_SCHEMA_NAMES)('in the repository are the ones of the code: %s', (name) => {
    const file = path.join(ROOT, 'contract', 'schemas', `${name}.schema.json`);
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(publishedSchema(name))));
  });
});
