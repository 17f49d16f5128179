/** Asked for something that is not there. */
export class NotFoundError extends Error {
  constructor(what: string, id: string) {
    super(`There is no ${what} "${id}"`);
    this.name = 'NotFoundError';
  }
}
