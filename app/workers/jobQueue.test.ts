import type { Found, PlanningQuestion, Steps } from '@elixa/core';
import { makeJobQueue, type Answer } from './jobQueue';

const question = (title: string) => ({ evening: { title } }) as unknown as PlanningQuestion;
const preview = (title: string, step: number) =>
  ({ kind: 'preview', preview: { styleId: `${title} ${step}` } }) as unknown as Found;

/** A queue whose jobs take three steps, and whose turns are taken by hand. */
function queue({ stepMs = 10, broken = false } = {}) {
  const turns: Array<() => void> = [];
  const told: Answer[] = [];
  let now = 0;
  function* plan({ evening: { title } }: PlanningQuestion): Steps<void, Found> {
    for (let step = 1; step <= 3; step += 1) {
      now += stepMs;
      if (broken && step === 2) throw new Error('No such pot');
      yield preview(title, step);
    }
  }
  const take = makeJobQueue({
    plan,
    tell: (answer) => told.push(answer),
    later: (go) => turns.push(go),
    nowMs: () => now,
  });
  const turn = () => turns.shift()?.();
  const finish = () => {
    while (turns.length > 0) turn();
  };
  const words = () =>
    told.map((one) =>
      'found' in one
        ? (one.found as { preview: { styleId: string } }).preview.styleId
        : 'done' in one
          ? `${one.no} done`
          : one.failed,
    );
  return { take, turn, finish, words, turns };
}

describe('the queue of the planner', () => {
  it('tells what is found, one by one, and that it is done', () => {
    const { take, finish, words } = queue();
    take({ kind: 'ask', key: 'evening', no: 1, question: question('a') });
    finish();
    expect(words()).toEqual(['a 1', 'a 2', 'a 3', '1 done']);
  });

  it('leaves an older question of the same key in the middle of its work', () => {
    const { take, turn, finish, words } = queue();
    take({ kind: 'ask', key: 'evening', no: 1, question: question('old') });
    turn();
    take({ kind: 'ask', key: 'evening', no: 2, question: question('new') });
    finish();
    expect(words()).toEqual(['old 1', 'old 2', 'new 1', 'new 2', 'new 3', '2 done']);
  });

  it('never begins a question that a newer one has replaced while it was waiting', () => {
    const { take, finish, words } = queue();
    for (const [index, title] of ['first', 'second', 'third'].entries()) {
      take({ kind: 'ask', key: 'evening', no: index + 1, question: question(title) });
    }
    finish();
    expect(words()).toEqual(['third 1', 'third 2', 'third 3', '3 done']);
  });

  it('works on what can wait only while nothing else is there, and goes on with it afterwards', () => {
    const { take, turn, finish, words } = queue({ stepMs: 20 });
    take({ kind: 'ask', key: 'previews', no: 1, question: question('pots'), canWait: true });
    turn();
    take({ kind: 'ask', key: 'evening', no: 2, question: question('tonight') });
    finish();
    expect(words()).toEqual(['pots 1', 'tonight 1', 'tonight 2', 'tonight 3', '2 done', 'pots 2', 'pots 3', '1 done']);
  });

  it('stops: nothing more is said, and the thread is free', () => {
    const { take, turn, finish, words, turns } = queue({ stepMs: 20 });
    take({ kind: 'ask', key: 'evening', no: 1, question: question('a') });
    turn();
    take({ kind: 'stop', key: 'evening' });
    finish();
    expect(words()).toEqual(['a 1']);
    expect(turns).toEqual([]);
  });

  it('lets others in between slices: one long job takes several turns', () => {
    const { take, turn, words } = queue({ stepMs: 20 });
    take({ kind: 'ask', key: 'evening', no: 1, question: question('long') });
    turn();
    expect(words()).toEqual(['long 1']);
  });

  it('says what went wrong, and goes on with the others', () => {
    const { take, finish, words } = queue({ broken: true });
    take({ kind: 'ask', key: 'evening', no: 1, question: question('a') });
    take({ kind: 'ask', key: 'previews', no: 2, question: question('b'), canWait: true });
    finish();
    expect(words()).toEqual(['a 1', 'No such pot', 'b 1', 'No such pot']);
  });
});
