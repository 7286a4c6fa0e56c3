/**
 * Cuts a bundle into pieces that can be run one after another: it defines its modules in lines of their own, and only its
 * last line runs one. Each piece is a task of its own for the browser, which can look up between two of them.
 * @param {string} code of a bundle
 * @param {number} largest length of a piece in characters; a single module may be longer
 * @returns {string[]} pieces that give the code again when they are joined by line ends
 * @throws {Error} when a line of the bundle cannot stand by itself
 */
function splitScript(code, largest) {
  const pieces = [[]];
  let length = 0;
  for (const line of code.split('\n')) {
    if (length > 0 && length + line.length > largest && line.startsWith('__d(')) {
      pieces.push([]);
      length = 0;
    }
    pieces.at(-1).push(line);
    length += line.length;
  }
  const whole = pieces.map((lines) => lines.join('\n'));
  for (const piece of whole) {
    try {
      new Function(piece);
    } catch (error) {
      throw new Error('The bundle cannot be cut at its lines; its modules are not written one to a line', {
        cause: error,
      });
    }
  }
  return whole;
}

/**
 * The script that a page begins with. Scripts of libraries may have the same first name; only the page says which it is.
 * @param {string} html of the page
 * @returns {{ tag: string, name: string }} its element as it stands there, and the name of its file
 * @throws {Error} when the page names none in the way of this build
 */
function firstScript(html) {
  const found = /<script src="[^"]*\/(index-[^"]+)" defer><\/script>/.exec(html);
  if (!found) throw new Error('The first page names its script in another way than this build knows');
  return { tag: found[0], name: found[1] };
}

module.exports = { firstScript, splitScript };
