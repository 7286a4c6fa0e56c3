import equal from 'fast-deep-equal';

const plain = (part: unknown): unknown => (part === undefined ? undefined : JSON.parse(JSON.stringify(part)));

/**
 * Whether two parts of a document say the same. A database keeps keys in an order of its own, and a key whose value is
 * undefined is not written at all: neither makes a difference.
 */
export const isSame = (one: unknown, other: unknown): boolean => equal(plain(one), plain(other));
