import * as z from 'zod';
import { oneOf, quantity, shortText } from '../fields';
import { DRIVES } from './drive';

const GAP = { min: 0.2, max: 12, unit: 'mm' };

/** One step of a dial: its label as printed on the machine, and its gap, mm. */
const rollerStepSchema = z.strictObject({
  label: shortText('Step label', 20),
  mm: quantity('Step thickness', GAP),
  /** What the step was taken for before strips were weighed. */
  typicalMm: quantity('Typical thickness', GAP).optional(),
});

/** A weighed strip: what one setting truly left. */
export const stripTestSchema = z.strictObject({
  label: shortText('Step label', 20),
  massG: quantity('Strip', { min: 1, max: 5000, unit: 'g' }),
  widthMm: quantity('Strip width', { min: 10, max: 1000, unit: 'mm' }),
  lengthMm: quantity('Strip length', { min: 10, max: 10_000, unit: 'mm' }),
  /** How much thicker than the gap that dough came out, share. */
  springBack: quantity('Spring-back', { min: 0, max: 1 }).default(0.035),
});

export type StripTest = z.infer<typeof stripTestSchema>;

/** A roller, sheeter or pin: an ordered list of steps, widest first, whatever way its labels run. */
export const rollerSchema = z
  .strictObject({
    id: shortText('Roller id', 60),
    name: shortText('Roller name', 80),
    widthMm: quantity('Roller width', { min: 40, max: 1000, unit: 'mm' }),
    drive: oneOf('Turned by', DRIVES).default('crank'),
    steps: z.array(rollerStepSchema).min(1, 'Steps must hold at least one').max(40),
    strips: z.array(stripTestSchema).max(60).default([]),
  })
  .superRefine((roller, context) => {
    const bad = (path: (string | number)[], message: string) =>
      context.addIssue({ code: 'custom', path, message });
    const labels = new Set<string>();
    roller.steps.forEach((step, index) => {
      const before = roller.steps[index - 1];
      if (before && step.mm >= before.mm) {
        bad(
          ['steps', index, 'mm'],
          `Step thickness must be less than ${before.mm} mm, the step before it: list the widest first`,
        );
      }
      if (labels.has(step.label)) {
        bad(['steps', index, 'label'], `Step label must differ from the others, not ${step.label}`);
      }
      labels.add(step.label);
    });
    roller.strips.forEach(({ label }, index) => {
      if (!labels.has(label)) {
        bad(['strips', index, 'label'], `Step label must be one of: ${[...labels].join(', ')}`);
      }
    });
  });

export type Roller = z.infer<typeof rollerSchema>;
