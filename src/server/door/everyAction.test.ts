import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Each action and each route that changes anything says who may: one that forgets is open to all. */
describe('every way to change something asks who may', () => {
  const actions = readdirSync('src/server/actions').filter((name) => name.endsWith('.ts'));

  it.each(actions)('actions of %s', (name) => {
    const text = readFileSync(join('src/server/actions', name), 'utf8');
    const [, ...each] = text.split(/^export (?=async )/m);
    expect(each.length).toBeGreaterThan(0);
    for (const action of each) {
      expect(action).toMatch(/^async function \w+\([^{]*\{[\s\S]*\bacting\(\s*'(bench|plan)'/);
    }
    expect(text.match(/^export /gm)).toHaveLength(each.length);
  });

  const routes = readdirSync('src/app/api', { recursive: true, encoding: 'utf8' }).filter((name) =>
    name.endsWith('route.ts'),
  );

  // Whoever asks to come in is not in yet.
  it.each(routes.filter((name) => name !== 'door/route.ts'))('%s', (name) => {
    const text = readFileSync(join('src/app/api', name), 'utf8');
    for (const handler of text.split(/^export (?=const (?:POST|PUT|PATCH|DELETE)\b)/m).slice(1)) {
      expect(handler).toMatch(/\}, '(bench|plan)'\);/);
    }
  });
});
