import type { DocumentKind } from '@/server/repositories/unreadable';

/** What each kind of document is called, and what taking it away means. */
export const KIND_NAMES: Readonly<Record<DocumentKind, string>> = {
  plan: 'The plan',
  revision: 'The revision',
  kitchen: 'The kitchen',
  ingredient: 'The ingredient',
  preparation: 'The preparation',
  run: 'The batch',
  event: 'The tap',
  day: 'The day',
};

export const REMOVING: Readonly<Record<DocumentKind, string>> = {
  plan: 'It goes among the deleted plans; from there it is deleted for ever.',
  revision: 'Only this one is gone; the plan’s other revisions stay.',
  kitchen: 'The kitchen is the one it began with: rollers, cutters, pots and cooks are typed anew.',
  ingredient: 'The shipped one takes its place where there is one.',
  preparation: 'The shipped one takes its place where there is one.',
  run: 'The batch and every tap of it are gone.',
  day: 'It goes among the deleted days; from there it is deleted for ever.',
  event: 'Only this tap is gone; the batch is reckoned without it.',
};
