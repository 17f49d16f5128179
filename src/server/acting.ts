import { allow } from './door/asker';
import type { Role } from './door/roles';
import { outcome, type Outcome } from './outcome';

/** What an action does, for whoever may: it never throws at the interface. */
export const acting = <T>(needs: Role, act: () => T | Promise<T>): Promise<Outcome<Awaited<T>>> =>
  outcome(async () => {
    await allow(needs);
    return act();
  });
