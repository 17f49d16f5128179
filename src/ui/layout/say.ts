let tell: () => void = () => {};
const shown = new Promise<void>((resolve) => {
  tell = resolve;
});

/** Called once what shows messages is on the page. */
export const messagesReady = (): void => tell();

/** What says it, once it is there; null when it cannot be fetched. */
const voice = () =>
  Promise.all([import('sonner'), shown]).then(
    ([{ toast }]) => toast,
    () => null,
  );

/** How long a message that can be undone stays. */
const UNDO_MS = 8000;

/**
 * Says something short at the foot of the page, with a way to take it back where there is one.
 * @example say('Plan deleted', { undo: () => bringBack() })
 */
export async function say(message: string, { undo }: { undo?: () => void } = {}): Promise<void> {
  const toast = await voice();
  toast?.(message, undo && { duration: UNDO_MS, action: { label: 'Undo', onClick: undo } });
}

/** Says what went wrong. */
export async function sayTrouble(message: string): Promise<void> {
  const toast = await voice();
  toast?.error(message, { duration: UNDO_MS });
}
