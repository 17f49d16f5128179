import { defineCause } from '../cause';

/** A mash worked until it flows. */
export const overBlended = defineCause({
  stage: 'filling',
  name: 'Blended too long',
  does: 'A mash loses its hold and flows, though it has no more water than before.',
  known: 'Smooth as cream, no water at the edge of the bowl, and it does not stand.',
  now: 'Chill it, fold in crumbs or cheese, and lay smaller mounds.',
  next: 'Mash by hand or in pulses, and stop while it is still coarse.',
  usual: 'sometimes',
  signs: { runsIntoLip: 'surely', opensAtLip: 'seldom' },
  answers: {
    worked: { blended: 2, byHand: -2 },
    mound: { runs: 1, stands: -1 },
    fillingHow: { dry: 1 },
    dose: { asSaid: 1 },
  },
  margins: ['lip'],
  remedies: ['dose', 'size', 'laid'],
  enact: (plan, much) => {
    const { spoonTest: _spoon, ...filling } = plan.filling;
    return {
      plan: {
        ...plan,
        filling: { ...filling, texture: 'blended', yieldStressPa: Math.max(30, 160 - 60 * much) },
      },
    };
  },
});
