import { FieldError } from '../../range';

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

/** Runs a check; a field that is out of range becomes a PlanError with its path in front. */
export function asPlanCheck<T>(check: () => T): T {
  try {
    return check();
  } catch (error) {
    if (!(error instanceof FieldError)) throw error;
    const problem = error.message.slice(error.field.length + 1);
    throw new PlanError(`${error.field}: ${problem}`, error.field);
  }
}
