import type { FieldError, StoredEvening } from '@elixa/contract';

/** Why something cannot be done, in the words of the kitchen; what a client is told of it is up to whoever answers. */
export type Why =
  | { kind: 'invalid'; errors: FieldError[] }
  | { kind: 'notFound'; what: string }
  | { kind: 'staleVersion'; current: StoredEvening }
  | { kind: 'taken'; id: string; current: StoredEvening }
  | { kind: 'eventMismatch'; ids: string[] }
  | { kind: 'tookTooLong' };

/** Thrown where something cannot be done as it was asked. */
export class Failure extends Error {
  constructor(readonly why: Why) {
    super(why.kind);
    this.name = 'Failure';
  }
}

export const invalid = (errors: FieldError[]) => new Failure({ kind: 'invalid', errors });
export const notFound = (what: string) => new Failure({ kind: 'notFound', what });
