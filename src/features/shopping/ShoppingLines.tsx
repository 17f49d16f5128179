'use client';

import { useState, type ReactNode } from 'react';
import { buyText } from '@/core/formats/shoppingFile';
import type { ShoppingLine } from '@/core/shopping/shoppingList';
import { CheckField } from '@/ui/fields/CheckField';
import { EditableList } from '@/ui/lists/EditableList';
import { useUnits } from '@/ui/units/UnitsContext';
import type { ShoppingMarks } from './shoppingMarks';

/** One thing to buy: ticked when it is in the basket, put aside when it is in hand already. */
export function Line({
  line,
  plans,
  got,
  have,
  onGot,
  onHave,
}: {
  line: ShoppingLine;
  /** How many plans the list is for. */
  plans: number;
  got: boolean;
  have: boolean;
  onGot(got: boolean): void;
  onHave(have: boolean): void;
}) {
  const { text, units } = useUnits();
  const away = got && !have ? 'line-through opacity-60' : '';
  const notes = [
    line.buy.unit !== 'eggs' && `${text(line.needG, 'g')} needed`,
    line.madeInto.length > 0 && `to make: ${line.madeInto.join(', ').toLowerCase()}`,
    plans > 1 && forPlans(line.plans, plans),
  ].filter(Boolean);
  const words = (
    <span className="grid min-w-0 grow items-center gap-x-2 sm:grid-cols-[minmax(0,9.5rem)_minmax(0,1fr)]">
      <span className={`numeral text-lead ${away}`}>{buyText(line, units)}</span>
      <span className={away}>
        {line.name}
        <span className="block text-small text-ink-dim">{notes.join(', ')}</span>
      </span>
    </span>
  );
  return (
    <li
      className={`flex items-center gap-3 border-b border-board-line py-1 ${have ? 'print:hidden' : ''}`}
    >
      {have ? (
        words
      ) : (
        <CheckField className="min-w-0 grow gap-3" label={words} checked={got} onChange={onGot} />
      )}
      <button
        type="button"
        className="link no-print min-h-[44px] shrink-0 text-small"
        onClick={() => onHave(!have)}
      >
        {have ? 'To buy' : 'Already have'}
        <span className="sr-only"> {line.name}</span>
      </button>
    </li>
  );
}

/** Which of the plans a line is for, by name while they are few. */
const forPlans = (names: readonly string[], of: number): string =>
  names.length === of
    ? 'for all'
    : `for ${names.length <= 2 ? names.join(' and ') : `${names.length} plans`}`;

/** Lines of the cook's own: what no plan asks for. */
export function OwnLines({
  own,
  onChange,
}: {
  own: ShoppingMarks['own'];
  onChange(own: ShoppingMarks['own'], removed?: string): void;
}) {
  const [text, setText] = useState('');
  return (
    <section aria-label="Your own lines" className="mt-5 break-inside-avoid">
      <h2 className="border-b-[1.5px] border-board-rule pb-1">Your own</h2>
      <EditableList
        rows={own}
        nameOf={(line) => line.text}
        onChange={onChange}
        rowClassName="flex items-center gap-3 border-b border-board-line py-1"
      >
        {(line, { replace, remove }): ReactNode => (
          <>
            <CheckField
              className={`min-w-0 grow gap-3 break-words ${line.got ? 'line-through opacity-60' : ''}`}
              label={line.text}
              checked={line.got}
              onChange={(got) => replace({ got })}
            />
            <span className="no-print">{remove}</span>
          </>
        )}
      </EditableList>
      <form
        className="no-print mt-2 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const words = text.trim();
          if (!words) return;
          onChange([...own, { id: `${Date.now()}${own.length}`, text: words, got: false }]);
          setText('');
        }}
      >
        <input
          className="field"
          aria-label="A line of your own"
          placeholder="Something else to buy"
          maxLength={120}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <button className="btn">Add</button>
      </form>
    </section>
  );
}
