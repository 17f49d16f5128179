/** Said once by a worker, when it listens. */
export const READY = 'ready';
