import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { seeded } from '../../src/core/seeded';
import type { Mutant } from '../mutants';

/** What an operator is changed to. */
const OPERATORS: ReadonlyMap<ts.SyntaxKind, string> = new Map([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '>='],
  [ts.SyntaxKind.LessThanEqualsToken, '>'],
  [ts.SyntaxKind.GreaterThanToken, '<='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '<'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
]);

/** Not computed with: tests and what they use, tables, rules (tried one by one), and limits of fields. */
const LEFT_OUT = /\.test\.ts$|\/testing\/|\/tables\/|basis\/rules\/|[Ff]ields\.ts$|[sS]chema\.ts$/;

/**
 * So many changes of one operator or one constant, drawn from all of the core: every place is as likely.
 * @param seed the same seed draws the same changes from the same sources
 * @example drawnMutants(60, 1).length // 60
 */
export function drawnMutants(many: number, seed: number): Mutant[] {
  const places = readdirSync('src/core', { recursive: true, encoding: 'utf8' })
    .map((file) => join('src/core', file))
    .filter((file) => file.endsWith('.ts') && !LEFT_OUT.test(file))
    .sort()
    .flatMap(changesIn);
  const random = seeded(seed);
  const drawn: Mutant[] = [];
  while (drawn.length < many && places.length > 0) {
    drawn.push(...places.splice(Math.floor(random() * places.length), 1));
  }
  return drawn;
}

/** Every operator and constant of one file that can be changed. */
function changesIn(file: string): Mutant[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  const found: Mutant[] = [];
  const change = (node: ts.Node, to: string) => {
    const from = node.getText(source);
    const at = node.getStart(source);
    const line = source.getLineAndCharacterOfPosition(at).line + 1;
    found.push({ name: `${file}:${line}: ${from} to ${to}`, file, from, to, at });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const to = OPERATORS.get(node.operatorToken.kind);
      if (to) change(node.operatorToken, to);
    } else if (ts.isNumericLiteral(node)) {
      const value = Number(node.text);
      change(node, value === 0 ? '1' : value === 1 ? '2' : `(${node.text} * 1.25)`);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}
