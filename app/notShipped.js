/**
 * Stands in for parts of libraries that are left out of the application (see metro.config.js). They may be named and
 * passed on; whoever draws one is told.
 */
function NotShipped() {
  throw new Error('This part of a library is left out of the application: see metro.config.js');
}

NotShipped.displayName = 'NotShipped';

module.exports = new Proxy(NotShipped, {
  get(target, name) {
    if (name === '__esModule') return true;
    const own = Reflect.get(target, name);
    return own === undefined && typeof name === 'string' ? module.exports : own;
  },
  construct: () => module.exports,
  // Drawn, it is given its properties; called while a library is set up, it hands itself on.
  apply: (target, _self, [given]) =>
    typeof given === 'object' && given !== null && !('$$typeof' in given) ? target() : module.exports,
});
