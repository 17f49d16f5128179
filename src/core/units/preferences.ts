import * as z from 'zod';

/** How a user likes to read figures. Inside, everything is g, mm, ml, °C. */
export const unitPreferencesSchema = z.strictObject({
  system: z.enum(['metric', 'us']),
  temperature: z.enum(['C', 'F']),
  /** Whose teaspoon: 5 ml or 4.93 ml; `none` for weights alone. */
  spoons: z.enum(['metric', 'us', 'none']),
});

export type UnitPreferences = z.infer<typeof unitPreferencesSchema>;
