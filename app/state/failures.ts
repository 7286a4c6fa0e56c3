import type { Problem } from '@elixa/contract';
import type { FetchBaseQueryError } from '@reduxjs/toolkit/query';
import type { Trouble } from './connection';

/** How sending can fail: three kinds pass by themselves or by signing in, and two are for the cook to settle. */
export type FailureKind = Trouble | 'refused' | 'conflict';

const isBusy = (status: number) => status === 408 || status === 425 || status === 429 || status >= 500;

function kindOfStatus(status: number): FailureKind {
  if (isBusy(status)) return 'later';
  if (status === 401 || status === 407) return 'signIn';
  return status === 409 ? 'conflict' : 'refused';
}

/**
 * Of which kind a failed request is.
 * @example kindOf({ status: 503, data: undefined }) // 'later'
 */
export function kindOf(error: unknown): FailureKind {
  const { status, originalStatus } = (error ?? {}) as FetchBaseQueryError & { originalStatus?: number };
  if (status === 'FETCH_ERROR' || status === 'TIMEOUT_ERROR') return 'noAnswer';
  // Something in between answered, with a page of its own.
  if (status === 'PARSING_ERROR')
    return originalStatus && originalStatus >= 400 ? kindOfStatus(originalStatus) : 'later';
  return typeof status === 'number' ? kindOfStatus(status) : 'noAnswer';
}

export const isTrouble = (kind: FailureKind): kind is Trouble => kind !== 'refused' && kind !== 'conflict';

/** What the server says of a failed request, or what can be said without. */
export function problemOf(error: unknown): Problem {
  const data = (error as FetchBaseQueryError | undefined)?.data;
  if (data && typeof data === 'object' && 'title' in data) return data as Problem;
  return {
    type: 'about:blank',
    title: 'Not saved',
    status: 0,
    detail: 'The server gave an answer that could not be read.',
  };
}
