/**
 * Numbers that stand alone as the value of a constant in capitals, or of a field of such a table, become calls that
 * hand back another number where a mutant says so. A library's mutators change no numbers; a limit is nothing else.
 */
module.exports = ({ types: t }) => ({
  visitor: {
    NumericLiteral(path, state) {
      const name = nameOf(path, t);
      if (!name || path.node.limit) return;
      const file = state.filename.slice(state.cwd.length + 1);
      const literal = t.numericLiteral(path.node.value);
      literal.limit = true;
      path.replaceWith(
        t.callExpression(t.memberExpression(t.identifier('globalThis'), t.identifier('__limit')), [
          t.stringLiteral(`${file}#${name}`),
          literal,
        ]),
      );
      path.skip();
    },
  },
});

/** `NAME` or `NAME.key` of a number at the head of a file; null for any other. */
function nameOf(path, t) {
  const keys = [];
  let at = path;
  while (at.parentPath) {
    const { parentPath: up } = at;
    if (up.isObjectProperty() && up.get('value') === at) keys.unshift(up.node.key.name ?? up.node.key.value);
    else if (up.isVariableDeclarator() && t.isIdentifier(up.node.id) && /^[A-Z][A-Z0-9_]{2,}$/.test(up.node.id.name)) {
      return [up.node.id.name, ...keys].join('.');
    } else if (!(up.isObjectExpression() || up.isTSAsExpression() || up.isTSSatisfiesExpression())) return null;
    at = up;
  }
  return null;
}
