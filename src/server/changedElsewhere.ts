/** The field that a refusal names when another window has changed what is being saved. */
export const CHANGED_ELSEWHERE = 'before';
