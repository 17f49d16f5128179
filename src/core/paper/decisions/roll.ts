import { sheetLength } from '../../sheet/massBalance';
import { seenThrough } from '../../sheet/lightTest';
import type { Decision } from '../decision';
import type { Standing } from '../standing';
import { inSentence } from '../../units/sentence';

const STRIP_G = 100;

/** The dial so many steps further on. */
const moved = (standing: Standing, by: number): Standing => {
  const { steps } = standing.plan.sheet.roller;
  const at = steps.findIndex(({ label }) => label === standing.label) + by;
  return { ...standing, label: steps[Math.min(steps.length - 1, Math.max(0, at))]!.label };
};

/** Where the rolling stops. */
export const roll: Decision = {
  name: 'The sheet',
  asks: 'Where do you stop for the other sheets?',
  careful: 'same',
  ways: {
    thicker: { says: 'One step thicker', does: (standing) => moved(standing, -1) },
    same: { says: 'At this step', does: (standing) => standing },
    thinner: { says: 'One step thinner', does: (standing) => moved(standing, 1) },
  },
  shows({ meant, label }, { plan: { sheet }, basis }) {
    const { widthMm } = sheet;
    const length = (thicknessMm: number) =>
      inSentence(sheetLength({ massG: STRIP_G, widthMm, thicknessMm }), 'mm');
    return {
      sees: `The first sheet went through at ${label} of ${sheet.roller.name}, as planned. ${inSentence(STRIP_G, 'g')} of it, ${inSentence(widthMm, 'mm')} wide, came out ${length(sheet.thicknessMm)} mm long; at the ${inSentence(meant.plan.sheet.thicknessMm, 'mm')} meant it would be ${length(meant.plan.sheet.thicknessMm)} mm. Held up, ${seenThrough(sheet.thicknessMm, basis.rules)}.`,
      picture: { kind: 'light', thicknessMm: sheet.thicknessMm, over: 'hand' },
    };
  },
};
