/** Runs once as the server starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  // Building is no serving: the kitchen's file is not touched.
  if (process.env.NEXT_PHASE === 'phase-production-build') return;
  const { keepVault } = await import('./server/vault/keeper');
  const { hearLines } = await import('./server/deviceLines');
  const { keepDoor } = await import('./server/door/keeper');
  hearLines();
  // Of several processes on one file, one looks after it.
  keepVault({ copies: process.env.MORTAR_KEEPER !== 'no' });
  keepDoor();
}
