'use client';

import type { Preparation } from '@/core/composition/ingredient';
import type { Pantry } from '@/core/composition/pantry';
import { PREPARATION_RANGES, preparationSchema } from '@/core/composition/pantrySchema';
import { QuantityField } from '@/ui/fields/QuantityField';
import { useUnits } from '@/ui/units/UnitsContext';
import { PlansMoved } from './PlansMoved';
import { freeId } from './freeId';
import { RowForm } from './RowForm';
import { useRowDraft } from './useRowDraft';
import { CheckField } from '@/ui/fields/CheckField';

const FRESH: Preparation = {
  id: '',
  name: '',
  appliesTo: ['any'],
  massYield: 0.8,
  solidsLost: 0.01,
  liquorShare: 0,
  hot: true,
  note: '',
};

const NUMBERS = ['massYield', 'solidsLost', 'liquorShare'] as const;

/** One preparation: what it leaves, where the water goes, and what it is done to. */
export function PreparationEditor({
  row,
  edition,
  pantry,
  own,
  onClose,
}: {
  row: Preparation | null;
  edition: number;
  pantry: Pantry;
  own: ReadonlySet<string>;
  onClose(): void;
}) {
  const { text } = useUnits();
  const held = useRowDraft<Preparation>('preparations', { row, edition }, FRESH);
  const { draft, set } = held;
  const checked = preparationSchema.safeParse({
    ...draft,
    id: row?.id ?? freeId(draft.name, pantry.preparations),
  });
  const any = draft.appliesTo.includes('any');
  return (
    <RowForm
      table="preparations"
      row={row}
      own={own}
      fresh="New preparation"
      held={held}
      checked={checked}
      fieldWords={(field, at) => {
        const key = NUMBERS.find((each) => each === field);
        if (key) return { name: PREPARATION_RANGES[key].label, says: text(at[key], 'share') };
        if (field === 'hot') return { name: 'Comes out', says: at.hot ? 'hot' : 'cold' };
        if (field === 'appliesTo') {
          const names = at.appliesTo.map((id) => pantry.ingredients.get(id)?.name ?? 'anything');
          return { name: 'Done to', says: names.join(', ') || 'nothing' };
        }
        return field === 'note'
          ? { name: 'Note', says: at.note || 'none' }
          : { name: 'Name', says: at.name };
      }}
      onClose={onClose}
    >
      <label className="block">
        <span className="mb-1 block text-small text-ink-dim">Name</span>
        <input
          className="field"
          maxLength={80}
          value={draft.name}
          onChange={(event) => set({ name: event.target.value })}
        />
      </label>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {NUMBERS.map((key) => (
          <QuantityField
            key={key}
            label={PREPARATION_RANGES[key].label}
            kind="share"
            range={PREPARATION_RANGES[key]}
            value={draft[key]}
            step={0.01}
            onChange={(value) => set({ [key]: value })}
          />
        ))}
      </div>
      <CheckField
        label="Comes out hot: to be cooled before egg and dough"
        checked={draft.hot}
        onChange={(checked) => set({ hot: checked })}
      />
      <fieldset>
        <legend className="mb-1 text-small text-ink-dim">Done to</legend>
        <CheckField
          label="Anything"
          checked={any}
          onChange={(checked) => set({ appliesTo: checked ? ['any'] : [] })}
        />
        {!any && (
          <div className="max-h-56 overflow-y-auto rounded-md border-[1.5px] border-board-rule px-3">
            {[...pantry.ingredients.values()].map(({ id, name }) => (
              <CheckField
                key={id}
                label={name}
                checked={draft.appliesTo.includes(id)}
                onChange={(checked) =>
                  set({
                    appliesTo: checked
                      ? [...draft.appliesTo, id]
                      : draft.appliesTo.filter((each) => each !== id),
                  })
                }
              />
            ))}
          </div>
        )}
      </fieldset>
      <label className="block">
        <span className="mb-1 block text-small text-ink-dim">Note</span>
        <input
          className="field"
          maxLength={400}
          value={draft.note}
          onChange={(event) => set({ note: event.target.value })}
        />
      </label>
      {row && checked.success && (
        <PlansMoved change={{ table: 'preparations', row: checked.data }} before={row} />
      )}
    </RowForm>
  );
}
