import * as z from 'zod';

/** How a user likes to read figures. Inside, everything is g, mm, ml, °C. */
export const unitPreferencesSchema = z.strictObject({
  system: z.enum(['metric', 'us']),
  temperature: z.enum(['C', 'F']),
  /** Whose teaspoon: 5 ml or 4.93 ml; `none` for weights alone. */
  spoons: z.enum(['metric', 'us', 'none']),
  /** Hours of a clock: 19:00, or 7:00 PM. */
  clock: z.enum(['24', '12']),
});

export type UnitPreferences = z.infer<typeof unitPreferencesSchema>;

/**
 * Hours of the clock as a language has them.
 * @param language a language tag, or the list of them that a browser sends
 * @example clockOf('en-US,en;q=0.9') // '12'
 */
export function clockOf(language: string): UnitPreferences['clock'] {
  const [first = ''] = language.split(/[,;]/);
  try {
    const { hour12 } = new Intl.DateTimeFormat(first.trim(), { hour: 'numeric' }).resolvedOptions();
    return hour12 ? '12' : '24';
  } catch {
    return '24';
  }
}
