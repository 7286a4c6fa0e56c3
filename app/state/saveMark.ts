import type { Connection } from './connection';
import type { Draft } from './drafts';
import type { LiveLog } from './log';

export type SaveKind = 'saved' | 'saving' | 'keptHere' | 'nowhere' | 'signIn' | 'refused' | 'conflict';

export interface SaveMark {
  kind: SaveKind;
  says: string;
  /** What there is to know or to do, where there is something. */
  more?: string;
}

const mark = (kind: SaveKind, says: string, more?: string): SaveMark => ({ kind, says, more });

/** What is true of the saving of an evening and of what was done at its stove. */
export function saveMark(draft: Draft | undefined, log: LiveLog | undefined, { trouble, keeps }: Connection): SaveMark {
  if (draft?.conflict) {
    return mark('conflict', 'Changed in two places', 'Both are kept until you choose.');
  }
  if (draft?.problem) return mark('refused', `Not saved: ${draft.problem.title}`, draft.problem.detail);
  if (log?.refused) return mark('refused', `What was done is not stored: ${log.refused.title}`, log.refused.detail);
  const isOwed = draft?.unsaved === true || (log !== undefined && log.unsent.length > 0);
  if (!isOwed) return mark('saved', 'Saved');
  if (!trouble) return mark('saving', 'Saving');
  if (!keeps) {
    return mark(
      'nowhere',
      'Not saved anywhere yet',
      'The server does not take it now, and this browser keeps nothing. Leave this page open; it is tried again by itself.',
    );
  }
  if (trouble === 'signIn') {
    return mark(
      'signIn',
      'Kept on this device: sign in to save it',
      'The server asks who you are. Sign in there in another tab and come back; it is then sent by itself.',
    );
  }
  return trouble === 'later'
    ? mark('keptHere', 'Kept on this device: the server is busy', 'It is tried again by itself, less and less often.')
    : mark(
        'keptHere',
        'Kept on this device until the server is back',
        'It is sent by itself as soon as somebody answers.',
      );
}
