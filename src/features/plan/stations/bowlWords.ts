import type { Pantry } from '@/core/composition/pantry';
import type { CorrectionKind, Feel } from '@/core/dough/feel';
import type { DryingStep } from '@/core/risk/drying';
import type { WriteFigure } from '@/core/units/format';

export const FEEL_NAMES: Record<Feel, string> = {
  sticky: 'Sticky',
  crumbly: 'Crumbly',
  cracking: 'Cracks at the fold',
  springsBack: 'Springs back',
  streaky: 'Streaky',
  slack: 'Slack',
  grainy: 'Grainy',
};

/** A correction as something to do: `12 g flour`, `rest 10 min`. */
export function correctionText(
  { kind, amount }: { kind: CorrectionKind; amount: number },
  write: WriteFigure,
): string {
  switch (kind) {
    case 'heldBackG':
      return `${write(amount, 'g')} of the flour held back`;
    case 'flourG':
      return `${write(amount, 'g')} flour`;
    case 'waterG':
      return `${write(amount, 'g')} water`;
    case 'kneadMin':
      return `knead ${write(amount, 'min')}`;
    case 'restMin':
      return `rest ${write(amount, 'min')}`;
    case 'folds':
      return `${amount} letter ${amount === 1 ? 'fold' : 'folds'}`;
  }
}

/** A step against a wet filling as something to do, amounts for the batch. */
export function dryingText(
  step: DryingStep,
  pantry: Pantry,
  write: WriteFigure,
  scale: number,
): string {
  const nameOf = (id: string) => pantry.ingredients.get(id)?.name ?? id;
  const wayOf = (id: string) => (pantry.preparations.get(id)?.name ?? id).toLowerCase();
  switch (step.kind) {
    case 'binder':
      return `${write(step.addG * scale, 'g')} more ${nameOf(step.id).toLowerCase()}`;
    case 'cookOff':
      return `Cook off ${write(step.waterG * scale, 'g')} of water`;
    case 'drain':
      return `${nameOf(step.id)} from ${write(step.fromG * scale, 'g')} to ${write(step.toG * scale, 'g')}: ${wayOf(step.preparation)}`;
    case 'prepare':
      return `${nameOf(step.id)}: ${wayOf(step.preparation)}${step.from === 'raw' ? '' : `, not ${wayOf(step.from)}`}`;
    case 'texture':
      return 'Leave it coarser';
  }
}
