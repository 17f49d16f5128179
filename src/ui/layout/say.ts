import type { toast } from 'sonner';

type Toast = typeof toast;

let tell: (voice: Toast) => void = () => {};
const shown = new Promise<Toast>((resolve) => {
  tell = resolve;
});

/** Called by what shows messages once it is on the page: it brings the voice, so that none is fetched later. */
export const messagesReady = (voice: Toast): void => tell(voice);

/** What shows messages comes after the page: a message waits for it so long, ms. */
const WAIT_MS = 6000;

/** What says it; null where it did not come, as without a line. */
const voice = (): Promise<Toast | null> =>
  Promise.race([shown, new Promise<null>((resolve) => setTimeout(() => resolve(null), WAIT_MS))]);

/** How long a message that can be undone stays. */
const UNDO_MS = 8000;

/** What messages stand in, as its library names it. */
const MESSAGES = 'section[aria-label^="Notifications"]';

/** A message that was answered is gone by then, ms. */
const GOES_MS = 2000;

/** Something that can be done about a message. */
interface Offer {
  readonly label: string;
  readonly onClick: () => void;
}

/**
 * Says something short at the foot of the page, with a way to take it back, or another offer, where there is one.
 * @example say('Plan deleted', { undo: () => bringBack() })
 */
export async function say(
  message: string,
  {
    undo,
    offer = undo && { label: 'Undo', onClick: undo },
  }: { undo?: () => void; offer?: Offer } = {},
): Promise<void> {
  const from = document.activeElement;
  const toast = await voice();
  const action = offer && { ...offer, onClick: () => withFocus(offer.onClick, from) };
  toast?.(message, action && { duration: UNDO_MS, action });
}

/** The message goes with the button that was pressed in it: focus goes back to where it was when it came. */
function withFocus(does: () => void, from: Element | null): void {
  does();
  const until = performance.now() + GOES_MS;
  const back = () => {
    const at = document.activeElement;
    if (at?.closest('[data-sonner-toast]') && performance.now() < until) {
      requestAnimationFrame(back);
      return;
    }
    // Else it was taken elsewhere by what was done.
    if (at && at !== document.body && !at.closest(MESSAGES)) return;
    const stays = from instanceof HTMLElement && from.isConnected && from !== document.body;
    (stays ? from : document.getElementById('main'))?.focus({ preventScroll: true });
  };
  requestAnimationFrame(back);
}

/** Says what went wrong: by the browser’s own means where nothing else can be fetched any more. */
export async function sayTrouble(message: string): Promise<void> {
  const toast = await voice();
  if (toast) toast.error(message, { duration: UNDO_MS });
  else window.alert(message);
}
