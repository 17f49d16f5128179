'use client';

import { parseAsInteger, parseAsString, useQueryStates } from 'nuqs';
import { useTransition } from 'react';
import { SelectField } from '@/ui/fields/SelectField';
import type { RunChoices } from './findRuns';

const text = parseAsString.withDefault('');

const STATE = {
  q: text,
  cook: text,
  plan: text,
  shape: text,
  roller: text,
  month: text,
  page: parseAsInteger.withDefault(1),
};

/** Finds and narrows the runs; what is asked stands in the address. */
export function RunSearch({ choices }: { choices: RunChoices }) {
  const [pending, startTransition] = useTransition();
  const [asked, ask] = useQueryStates(STATE, { shallow: false, throttleMs: 250, startTransition });
  const pick = (
    key: 'cook' | 'plan' | 'shape' | 'roller' | 'month',
    label: string,
    options: readonly (readonly [string, string])[],
  ) =>
    options.length > 1 && (
      <SelectField
        label={label}
        value={asked[key]}
        options={[
          { value: '', label: 'Any' },
          ...options.map(([value, name]) => ({ value, label: name })),
        ]}
        onChange={(value) => void ask({ [key]: value || null, page: null })}
      />
    );
  const same = (values: readonly string[]) => values.map((value) => [value, value] as const);
  return (
    <div
      className="mt-4 grid grid-cols-2 items-end gap-3 lg:grid-cols-[2fr_repeat(5,minmax(0,1fr))]"
      aria-busy={pending}
    >
      <label className="max-lg:col-span-2">
        <span className="mb-1 block text-small text-ink-dim">Find a batch</span>
        <input
          type="search"
          className="field"
          placeholder="plan, cook, note"
          maxLength={80}
          value={asked.q}
          onChange={(event) => void ask({ q: event.target.value || null, page: null })}
        />
      </label>
      {pick('cook', 'Cook', same(choices.cooks))}
      {pick('plan', 'Plan', choices.plans)}
      {pick('shape', 'Shape', choices.shapes)}
      {pick('roller', 'Roller', same(choices.rollers))}
      {pick('month', 'Month', same(choices.months))}
    </div>
  );
}
