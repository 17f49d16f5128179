import { MOST_PICTURE } from '@/core/run/events';

/** Pictures are kept no wider or taller than this, px; smaller where that is still too much. */
const SIZES = [900, 640, 420, 260] as const;

/**
 * A picture small enough for a log, as text. Nothing but its pixels is kept: not where or when it was taken.
 * @throws when the file is no picture
 */
export async function readPicture(file: File): Promise<string> {
  const image = await createImageBitmap(file);
  try {
    for (const most of SIZES) {
      const scale = Math.min(1, most / Math.max(image.width, image.height));
      const canvas = document.createElement('canvas');
      canvas.width = Math.max(1, Math.round(image.width * scale));
      canvas.height = Math.max(1, Math.round(image.height * scale));
      canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
      const text = canvas.toDataURL('image/jpeg', 0.72);
      if (text.length <= MOST_PICTURE) return text;
    }
    throw new Error('The picture does not become small enough');
  } finally {
    image.close();
  }
}
