import * as z from 'zod';
import { quantity, shortText } from '../fields';

/** One step of a dial: its label as printed on the machine, and the sheet it leaves, mm. */
const rollerStepSchema = z.strictObject({
  label: shortText('Step label', 20),
  mm: quantity('Step thickness', { min: 0.2, max: 12, unit: 'mm' }),
});

/** A roller, sheeter or pin: an ordered list of steps, widest first, whatever way its labels run. */
export const rollerSchema = z
  .strictObject({
    id: shortText('Roller id', 60),
    name: shortText('Roller name', 80),
    widthMm: quantity('Roller width', { min: 80, max: 700, unit: 'mm' }),
    steps: z.array(rollerStepSchema).min(1, 'Steps must hold at least one').max(40),
  })
  .superRefine((roller, context) => {
    roller.steps.forEach((step, index) => {
      const before = roller.steps[index - 1];
      if (before && step.mm >= before.mm) {
        context.addIssue({
          code: 'custom',
          path: ['steps', index, 'mm'],
          message: `Step thickness must be less than ${before.mm} mm, the step before it: list the widest first`,
        });
      }
    });
  });

export type Roller = z.infer<typeof rollerSchema>;
