import type { Edit, StoredEvening } from '@elixa/contract';
import { applyEdit } from '@elixa/core';
import { practice } from '@/testing/household';
import {
  conflictSettled,
  draftDropped,
  draftFound,
  draftsReducer,
  eveningArrived,
  edited,
  editMadeAgain,
  editTakenBack,
  eveningMade,
  eveningSaved,
  answerWasLost,
  saveRefused,
  type DraftsState,
} from './drafts';

const id = 'practice-night';
const stored = (version: number, title = 'Practice night'): StoredEvening => ({
  version,
  status: 'planned',
  updatedAt: '2026-11-24T12:00:00Z',
  evening: practice({ title }),
});
const arrived = () => draftsReducer({}, eveningArrived(stored(1)));
const making = (state: DraftsState, edit: Edit) =>
  draftsReducer(state, edited({ id, kind: edit.kind, evening: applyEdit(state[id]!.evening, edit) }));
const changed = (state: DraftsState, title: string) => making(state, { kind: 'titled', title });

describe('the draft of an evening', () => {
  it('is unsaved from the first change, and saved when the server has exactly that', () => {
    const state = changed(arrived(), 'Late practice');
    expect(state[id]?.unsaved).toBe(true);
    const saved = draftsReducer(state, eveningSaved({ id, stored: stored(2), sent: state[id]!.evening }));
    expect(saved[id]).toMatchObject({ unsaved: false, baseVersion: 2 });
  });

  it('keeps what was typed while a request was under way', () => {
    const sent = changed(arrived(), 'Late')[id]!.evening;
    const typed = changed(arrived(), 'Late practice');
    const state = draftsReducer(typed, eveningSaved({ id, stored: stored(2, 'Late'), sent }));
    expect(state[id]).toMatchObject({ unsaved: true, baseVersion: 2 });
    expect(state[id]?.evening.title).toBe('Late practice');
  });

  it('is not overwritten by what the server has, nor by what was kept earlier', () => {
    const state = changed(arrived(), 'Mine');
    expect(draftsReducer(state, eveningArrived(stored(5, 'Theirs')))[id]?.evening.title).toBe('Mine');
    const kept = { evening: practice({ title: 'Older' }), baseVersion: 1, unsaved: true };
    expect(draftsReducer(state, draftFound({ id, draft: kept }))[id]?.evening.title).toBe('Mine');
  });

  it('takes what the server has when nothing is unsaved here', () => {
    expect(draftsReducer(arrived(), eveningArrived(stored(5, 'Theirs')))[id]).toMatchObject({ baseVersion: 5 });
  });

  it('keeps both sides of a conflict until one is chosen', () => {
    const problem = {
      type: '/problems/stale-version',
      title: 'x',
      status: 409,
      detail: 'x',
      current: stored(7, 'Theirs'),
    };
    const state = draftsReducer(changed(arrived(), 'Mine'), saveRefused({ id, problem }));
    expect(state[id]?.conflict?.evening.title).toBe('Theirs');
    expect(state[id]?.evening.title).toBe('Mine');

    const mine = draftsReducer(state, conflictSettled({ id, keep: 'mine' }))[id];
    expect(mine).toMatchObject({ baseVersion: 7, unsaved: true, conflict: undefined });
    expect(mine?.evening.title).toBe('Mine');
    const theirs = draftsReducer(state, conflictSettled({ id, keep: 'theirs' }))[id];
    expect(theirs).toMatchObject({ baseVersion: 7, unsaved: false });
    expect(theirs?.evening.title).toBe('Theirs');
  });

  it('knows from a lost answer what the server has, and whether anything is still owed', () => {
    const typed = changed(arrived(), 'Late practice');
    const lost = (isSame: boolean) => draftsReducer(typed, answerWasLost({ id, version: 2, isSame }))[id];
    expect(lost(true)).toMatchObject({ baseVersion: 2, unsaved: false });
    expect(lost(false)).toMatchObject({ baseVersion: 2, unsaved: true });
    expect(lost(false)?.evening.title).toBe('Late practice');
  });

  it('never takes an older answer for what it saved', () => {
    const sent = changed(arrived(), 'Saved')[id]!.evening;
    const saved = draftsReducer(changed(arrived(), 'Saved'), eveningSaved({ id, stored: stored(2, 'Saved'), sent }));
    expect(draftsReducer(saved, eveningArrived(stored(1, 'Practice night')))[id]?.evening.title).toBe('Saved');
    const typedOn = changed(saved, 'Typed on');
    expect(draftsReducer(typedOn, eveningArrived(stored(1, 'Practice night')))[id]?.evening.title).toBe('Typed on');
    expect(draftsReducer(saved, eveningArrived(stored(3, 'Newer')))[id]?.evening.title).toBe('Newer');
  });

  it('takes changes back one by one and makes them again, until another is made', () => {
    const edits = [
      { kind: 'handsSet', cooks: 3 },
      { kind: 'unitsChosen', units: 'us' },
      { kind: 'styleChosen', styleId: 'sukiyakiEast' },
    ] as const;
    const states = edits.reduce((all, edit) => [...all, making(all.at(-1)!, edit)], [arrived()]);
    const documents = states.map((state) => state[id]!.evening);
    let state = states.at(-1)!;
    for (const before of documents.slice(0, -1).reverse()) {
      state = draftsReducer(state, editTakenBack(id));
      expect(state[id]?.evening).toEqual(before);
    }
    expect(draftsReducer(state, editTakenBack(id))).toEqual(state);
    for (const after of documents.slice(1)) {
      state = draftsReducer(state, editMadeAgain(id));
      expect(state[id]?.evening).toEqual(after);
    }
    const other = making(draftsReducer(state, editTakenBack(id)), edits[0]);
    const another = making(draftsReducer(state, editTakenBack(id)), { kind: 'handsSet', cooks: 1 });
    expect(other[id]?.future).toHaveLength(1);
    expect(another[id]?.future).toBeUndefined();
  });

  it('takes a word back whole, not letter by letter, and nothing that changed nothing', () => {
    const typed = changed(changed(changed(arrived(), 'L'), 'La'), 'Late');
    expect(draftsReducer(typed, editTakenBack(id))[id]?.evening.title).toBe('Practice night');
    expect(changed(arrived(), 'Practice night')[id]?.past).toBeUndefined();
  });

  it('starts unsaved when it is made here, and goes when it is dropped', () => {
    const state = draftsReducer({}, eveningMade(practice()));
    expect(state[id]).toMatchObject({ baseVersion: 0, unsaved: true });
    expect(draftsReducer(state, draftDropped(id))).toEqual({});
  });
});
