/** A document that cannot be read as a plan; the message names the field and what is allowed. */
export class PlanError extends Error {
  constructor(
    message: string,
    readonly path: string = '',
  ) {
    super(message);
    this.name = 'PlanError';
  }
}
