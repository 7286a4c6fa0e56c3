import { areOlder } from './pages';

const page = (content: string | undefined) => ({
  querySelector: () => (content === undefined ? null : { getAttribute: () => content }),
});

describe('the build of the pages', () => {
  const real = global.document;
  afterEach(() => {
    global.document = real;
  });
  const own = (content: string | undefined) => {
    global.document = page(content) as unknown as Document;
  };

  it('is older where the server tells of another, and only then', () => {
    own('a1');
    expect([areOlder('b2'), areOlder('a1'), areOlder(null), areOlder('')]).toEqual([true, false, false, false]);
  });

  it('is nobody’s concern while the pages are developed', () => {
    own(undefined);
    expect(areOlder('b2')).toBe(false);
  });
});
