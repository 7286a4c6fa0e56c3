const encoder = new TextEncoder();
const bytesOf = (one: unknown) => encoder.encode(JSON.stringify(one)).length;

/**
 * As many of a list as one request carries, from its first on: no more than so many, and no more bytes, but always one, since
 * nothing that is too large for a request would get there in any.
 */
export function batchOf<T>(all: readonly T[], { most, mostBytes }: { most: number; mostBytes: number }): T[] {
  let bytes = 0;
  const end = all.slice(0, most).findIndex((one, index) => {
    bytes += bytesOf(one);
    return index > 0 && bytes > mostBytes;
  });
  return all.slice(0, end === -1 ? most : end);
}
