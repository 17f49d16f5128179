import type { Role } from './roles';

/** Somebody asked for what their key does not open. */
export class ForbiddenError extends Error {
  constructor(has: Role | null) {
    super(
      has === null
        ? 'You are not signed in. Nothing was changed.'
        : has === 'look'
          ? 'Your key lets you look, not change. Nothing was changed.'
          : 'Your key is for the bench: plans, pantry and kitchen it does not change.',
    );
    this.name = 'ForbiddenError';
  }
}
