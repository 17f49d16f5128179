const AGAIN_MS = 3000;

/** Fetches a part of the product, again and again while the line is down. */
export async function steadily<T>(load: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await load();
    } catch {
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
  }
}
