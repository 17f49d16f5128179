import { startingRules } from '../../basis/rules';
import { withPart } from '../../plan/document/patch';
import { freeWaterGrade, type FreeWaterGrade } from '../../filling/freeWaterGrade';
import { spreadRadius } from '../../filling/spreadRadius';
import type { PlanModel } from '../../plan/model/model';
import type { Decision } from '../decision';
import type { Standing } from '../standing';
import { inSentence } from '../../units/sentence';

const SPOON_ML = 15;

/** How wide a level tablespoon of it lies after a minute, mm. */
const spreads = ({ filling: { composition, stiffness } }: PlanModel): number =>
  2 *
  spreadRadius({
    volumeMl: SPOON_ML,
    densityGPerMl: composition.densityGPerMl,
    yieldStressPa: stiffness.pa,
  });

const massG = ({ filling }: Standing['plan']): number =>
  filling.parts.reduce((sum, { g, weighedG }) => sum + (weighedG ?? g), 0);

/** What is done about the filling once it is tried by the spoon. */
export const filling: Decision = {
  name: 'The filling',
  asks: 'What do you do with it?',
  careful: 'asIs',
  ways: {
    asIs: { says: 'Use it as it is', does: (standing) => standing },
    crumbs: {
      says: 'Stir in a handful of dry crumbs',
      does: (standing) => ({
        ...standing,
        plan: withPart(standing.plan, 'filling', {
          parts: [
            ...standing.plan.filling.parts,
            {
              id: 'breadcrumbs-dry',
              g: startingRules['paper.crumbs'].value * massG(standing.plan),
              preparation: 'raw',
            },
          ],
        }),
      }),
    },
    pan: {
      says: 'Dry it in a wide pan for five minutes, and cool it',
      does: (standing) => ({
        ...standing,
        plan: withPart(standing.plan, 'filling', {
          cookedOffG: startingRules['paper.cookedOff'].value * massG(standing.plan),
        }),
      }),
    },
  },
  shows({ meant }, made) {
    const [diameterMm, meantMm] = [spreads(made), spreads(meant)];
    const grade = freeWaterGrade(made.filling.composition.freeWaterShare, made.basis.rules);
    return {
      sees: `A level tablespoon of it on a plate lies ${inSentence(diameterMm, 'mm')} wide after a minute; by the recipe it should lie ${inSentence(meantMm, 'mm')} wide. ${RINGS[grade]}`,
      picture: {
        kind: 'spread',
        diameterMm,
        meantMm,
        wet: grade === 'wet' || grade === 'will seep',
      },
    };
  },
};

/** What stands round it on the plate, by how much water it lets go. */
const RINGS: Readonly<Record<FreeWaterGrade, string>> = {
  firm: 'Round it the plate is dry.',
  workable: 'Round it the plate is hardly damp.',
  wet: 'A wet rim stands round it.',
  'will seep': 'Water runs out round it.',
};
