'use client';

import { parseAsInteger, parseAsString, parseAsStringLiteral, useQueryStates } from 'nuqs';
import { useTransition } from 'react';
import type { PlanSort } from '@/server/repositories/findPlans';
import { SelectField } from '@/ui/fields/SelectField';

const SORTS: readonly (readonly [PlanSort, string])[] = [
  ['changed', 'Last changed'],
  ['made', 'Last made'],
  ['name', 'Name'],
];

const STATE = {
  q: parseAsString.withDefault(''),
  tag: parseAsString.withDefault(''),
  sort: parseAsStringLiteral(['changed', 'made', 'name'] as const).withDefault('changed'),
  page: parseAsInteger.withDefault(1),
};

/** Finds, sorts and narrows the plans; what is asked stands in the address. */
export function PlanSearch({
  tags,
  total,
  pages,
  page,
}: {
  tags: readonly string[];
  total: number;
  pages: number;
  /** The page that is shown, which is never past the last. */
  page: number;
}) {
  const [pending, startTransition] = useTransition();
  const [{ q, tag, sort }, ask] = useQueryStates(STATE, {
    shallow: false,
    throttleMs: 250,
    startTransition,
  });
  return (
    <div className="mt-4 flex flex-wrap items-end gap-3" aria-busy={pending}>
      <label className="min-w-[12rem] grow">
        <span className="mb-1 block text-small text-ink-dim">Find a plan</span>
        <input
          type="search"
          className="field"
          placeholder="name, tag, shape, ingredient"
          maxLength={80}
          value={q}
          onChange={(event) => void ask({ q: event.target.value || null, page: null })}
        />
      </label>
      {tags.length > 0 && (
        <SelectField
          label="Tag"
          value={tag}
          options={[
            { value: '', label: 'Any' },
            ...tags.map((each) => ({ value: each, label: each })),
          ]}
          onChange={(next) => void ask({ tag: next || null, page: null })}
        />
      )}
      <SelectField<PlanSort>
        label="First"
        value={sort}
        options={SORTS.map(([value, label]) => ({ value, label }))}
        onChange={(next) => void ask({ sort: next, page: null })}
      />
      <p role="status" className="sr-only">
        {total === 1 ? 'One plan' : `${total} plans`}
        {pages > 1 && `, page ${page} of ${pages}`}
      </p>
      {pages > 1 && (
        <nav aria-label="Pages" className="flex items-center gap-1">
          <button
            type="button"
            className="btn"
            aria-disabled={page <= 1 || undefined}
            onClick={() => page > 1 && void ask({ page: page - 1 })}
          >
            Before
          </button>
          <span className="px-1 whitespace-nowrap">
            {page} of {pages}
          </span>
          <button
            type="button"
            className="btn"
            aria-disabled={page >= pages || undefined}
            onClick={() => page < pages && void ask({ page: page + 1 })}
          >
            Next
          </button>
        </nav>
      )}
    </div>
  );
}
