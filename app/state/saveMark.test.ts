import type { Problem } from '@elixa/contract';
import { practice } from '@/testing/household';
import type { Connection } from './connection';
import { kindOf } from './failures';
import { saveMark } from './saveMark';

const draft = { evening: practice(), baseVersion: 1, unsaved: false };
const unsaved = { ...draft, unsaved: true };
const well: Connection = { keeps: true };
const problem: Problem = { type: 't', title: 'Some fields need another value', status: 422, detail: 'title: too long' };
const owing = { plans: {}, events: [], unsent: ['a'] };

describe('the mark of saving', () => {
  it('says saved only where the server has everything, what was done at the stove included', () => {
    expect(saveMark(draft, undefined, well).kind).toBe('saved');
    expect(saveMark(draft, owing, well).kind).toBe('saving');
    expect(saveMark(unsaved, undefined, well).kind).toBe('saving');
  });

  it('says saved also while the server is away, where nothing is owed', () => {
    expect(saveMark(draft, undefined, { trouble: 'noAnswer', keeps: false }).kind).toBe('saved');
  });

  it.each([
    ['noAnswer', 'Kept on this device until the server is back'],
    ['later', 'Kept on this device: the server is busy'],
    ['signIn', 'Kept on this device: sign in to save it'],
  ] as const)('says why it is kept here only: %s', (trouble, says) => {
    expect(saveMark(unsaved, undefined, { trouble, keeps: true }).says).toBe(says);
  });

  it('never says that it is kept where the browser keeps nothing', () => {
    for (const trouble of ['noAnswer', 'later', 'signIn'] as const) {
      const { says } = saveMark(unsaved, owing, { trouble, keeps: false });
      expect(says).toBe('Not saved anywhere yet');
    }
  });

  it('asks the cook where the server refused, above everything else', () => {
    expect(saveMark({ ...unsaved, problem }, owing, { trouble: 'noAnswer', keeps: true })).toMatchObject({
      kind: 'refused',
      more: 'title: too long',
    });
    expect(saveMark(draft, { ...owing, refused: problem }, well).kind).toBe('refused');
  });
});

describe('how sending fails', () => {
  it.each([
    [{ status: 'FETCH_ERROR' }, 'noAnswer'],
    [{ status: 'TIMEOUT_ERROR' }, 'noAnswer'],
    [{ status: 429 }, 'later'],
    [{ status: 500 }, 'later'],
    [{ status: 503 }, 'later'],
    [{ status: 'PARSING_ERROR', originalStatus: 200 }, 'later'],
    [{ status: 'PARSING_ERROR', originalStatus: 401 }, 'signIn'],
    [{ status: 401 }, 'signIn'],
    [{ status: 422 }, 'refused'],
    [{ status: 404 }, 'refused'],
    [{ status: 409 }, 'conflict'],
  ])('%j is %s', (error, kind) => expect(kindOf(error)).toBe(kind));
});
