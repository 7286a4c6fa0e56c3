import { practice } from '@/testing/household';
import { isStoredAs, readDraft, readLog } from './reading';

const evening = practice({ title: 'Late practice' });

describe('whether the server has what was sent', () => {
  it('knows it again with blanks trimmed', () => {
    expect(isStoredAs({ ...evening, title: ' Late practice ' }, evening)).toBe(true);
    expect(isStoredAs({ ...evening, title: 'Later still' }, evening)).toBe(false);
  });

  it('knows it again with keys that hold nothing, as a form leaves them behind', () => {
    const [first, ...others] = evening.diners;
    const sent = { ...evening, kitchen: undefined, diners: [{ ...first!, expecting: undefined }, ...others] };
    expect(isStoredAs(sent, evening)).toBe(true);
  });
});

describe('what an earlier visit kept', () => {
  it('is read by the version of today, with all that was sent and never answered', () => {
    const draft = { evening, baseVersion: 3, unsaved: true, unanswered: [evening] };
    expect(readDraft(draft)).toEqual(draft);
    expect(readDraft({ ...draft, evening: { ...evening, diners: 'everybody' } as never })).toBeUndefined();
  });

  it('owes the server no more of a log than it did', () => {
    expect(readLog({ events: [], unsent: ['a'], refused: undefined })).toEqual({
      plans: {},
      events: [],
      unsent: ['a'],
    });
  });
});
