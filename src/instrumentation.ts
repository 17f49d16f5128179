/** Runs once as the server starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { keepVault } = await import('./server/vault/keeper');
  const { keepDoor } = await import('./server/door/keeper');
  keepVault();
  keepDoor();
}
