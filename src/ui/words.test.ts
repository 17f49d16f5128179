import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** Phrases of a language of our own, which a plain one has taken the place of. */
const REFUSED = [
  'what came of it',
  'write it down',
  'write down a batch',
  'what it taught',
  'how it goes',
  'hold at typical',
  'held at typical',
  'what lands in a piece',
  'the same as a table',
  'it cannot be done like this',
  'what stands in the way',
  'what would mend it',
  'put it on the day',
  'plates go out over',
  'handed over',
  'as it should be',
  'every link',
  'counts on',
  '19 times in 20',
  'then somewhere else',
  'if it is not clean',
  'the burner and the place',
  'under the hand',
  'how it is worked',
  'whose hand',
  'i do not say',
  'that is it',
  'given a key',
  'safe keeping',
  'out of the logbook',
  'out of what is learnt',
  'answers to that',
  'one thing kept here',
  'is no kitchen',
  'can only be read',
  'who may come in',
];

/** What a file says: its strings and the text of its pages, comments left out. */
function saidIn(path: string): string[] {
  const source = ts.createSourceFile(
    path,
    readFileSync(path, 'utf8'),
    ts.ScriptTarget.Latest,
    false,
    path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const said: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isJsxText(node) || ts.isStringLiteralLike(node) || ts.isTemplateHead(node)) {
      said.push(node.text);
    } else if (ts.isTemplateMiddleOrTemplateTail(node)) said.push(node.text);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return said;
}

test('nothing that a person reads is in a language of our own', () => {
  const found = readdirSync('src', { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.|testing\//.test(name))
    .flatMap((name) =>
      saidIn(join('src', name)).flatMap((text) => {
        const words = text.replaceAll(/\s+/g, ' ').toLowerCase();
        return REFUSED.filter((phrase) => words.includes(phrase)).map(
          (phrase) => `${name}: ${phrase}`,
        );
      }),
    );
  expect(found).toEqual([]);
});
