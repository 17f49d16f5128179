import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { changeRefused } from './entry';

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

  it.each(routes)('%s', (name) => {
    const [, ...exported] = readFileSync(join('src/app/api', name), 'utf8').split(/^export /m);
    expect(exported.length).toBeGreaterThan(0);
    for (const each of exported) {
      // In one form alone, so that none is passed over for being written in another.
      const [, method] =
        /^const ([A-Z]+) = \([^]*?\) =>\s+answer\(\s*async \(\) =>/.exec(each) ?? [];
      expect(['GET', 'POST', 'PUT', 'PATCH', 'DELETE']).toContain(method);
      // Whoever asks to come in is not in yet.
      const roles =
        name === 'door/route.ts' ? 'anybody' : method === 'GET' ? 'look|bench|plan' : 'bench|plan';
      expect(each).toMatch(new RegExp(`^\\s*\\}?,? ?'(${roles})',?\\s*\\);`, 'm'));
    }
  });

  it('and whoever may only look changes nothing over any route', () => {
    const look = (method: string, path: string) => changeRefused('look', method, path)?.message;
    expect(look('POST', '/api/plans')).toMatch(/look, not change/);
    expect(look('DELETE', '/api/new/route')).toMatch(/look, not change/);
    expect(look('GET', '/api/plans/a')).toBeUndefined();
    expect(look('DELETE', '/api/door')).toBeUndefined();
    expect(changeRefused(null, 'POST', '/api/plans')?.message).toMatch(/not signed in/);
    expect(changeRefused('bench', 'POST', '/api/plans')).toBeNull();
  });
});
