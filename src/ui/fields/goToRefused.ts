/**
 * Goes to the first field of a form whose text was not taken, where its reason stands.
 * @returns whether there was one: the form is then not to be sent
 */
export function goToRefused(form: HTMLFormElement): boolean {
  const field = form.querySelector<HTMLElement>('[aria-invalid="true"]');
  field?.focus();
  return field !== null;
}
