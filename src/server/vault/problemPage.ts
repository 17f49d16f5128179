import { TROUBLES, type VaultProblem } from './problem';

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/**
 * What is answered while the kitchen's file cannot be opened: a page that needs nothing else, or, to a
 * program, one line.
 * @param headers carried by every answer
 */
export function problemAnswer(
  problem: VaultProblem,
  { path, headers }: { path: string; headers: Readonly<Record<string, string>> },
): Response {
  const carried = { ...headers, 'cache-control': 'no-store', 'retry-after': '10' };
  if (path.startsWith('/api/')) {
    return Response.json({ error: problem.message }, { status: 503, headers: carried });
  }
  const { title, whatToDo } = TROUBLES[problem.trouble];
  const found = /\((.+)\)\./.exec(problem.message)?.[1];
  const page = `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<meta http-equiv="refresh" content="10">
<title>${escaped(title)} · Mortar Sheet</title>
<style>
body { margin: 0; background: #f6f1e4; color: #1c2422; font: 1.125rem/1.5 system-ui, sans-serif; }
header { background: #25302e; color: #f3efe3; padding: 0.75rem 1.25rem; font-weight: 700; }
main { max-width: 45rem; margin: 0 auto; padding: 3rem 1.25rem; }
h1 { font-size: 2rem; line-height: 1.15; margin: 0 0 0.75rem; }
@media (prefers-color-scheme: dark) { body { background: #1b2321; color: #f3efe3; } }
</style>
</head>
<body>
<header>Mortar Sheet</header>
<main role="alert">
<h1>${escaped(title)}</h1>
${found ? `<p>${escaped(found[0]!.toUpperCase() + found.slice(1))}.</p>` : ''}
<p>${escaped(whatToDo)}</p>
</main>
</body>
</html>
`;
  return new Response(page, {
    status: 503,
    headers: { ...carried, 'content-type': 'text/html; charset=utf-8' },
  });
}
