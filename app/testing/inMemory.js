/** The device's store of a test: it keeps for as long as the test runs, and no test meets what another has kept. */
const kept = new Map();

module.exports = {
  get: async (key) => kept.get(key),
  set: async (key, value) => void kept.set(key, value),
  del: async (key) => void kept.delete(key),
  entries: async () => [...kept],
};
