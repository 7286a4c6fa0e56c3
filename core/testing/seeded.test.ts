import fc from 'fast-check';

it('draws the same every time, and anew where a run is long', () => {
  const drawn = () => fc.sample(fc.nat(), 20);
  if (process.env.ELIXA_LONG) expect(drawn()).not.toEqual(drawn());
  else expect(drawn()).toEqual(drawn());
});
