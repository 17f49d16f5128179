'use client';

import { X } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { IconButton } from '../buttons/IconButton';
import { useRowIds } from './useRowIds';

export interface RowActions<T> {
  readonly index: number;
  replace(change: Partial<T>): void;
  /** The button that takes the row away, to be set where the row wants it. */
  readonly remove: ReactNode;
}

export interface EditableListProps<T> {
  readonly rows: readonly T[];
  nameOf(row: T): string;
  /** @param removed what was taken away, where something was: it can be offered back */
  onChange(rows: T[], removed?: string): void;
  /** So many rows must stay. */
  readonly least?: number;
  readonly className?: string;
  readonly rowClassName?: string;
  /** Said where there is none. */
  readonly empty?: ReactNode;
  children(row: T, actions: RowActions<T>): ReactNode;
  /** What adds a row, under the list. */
  add?(insert: (row: T) => void): ReactNode;
}

/**
 * Rows that are added, changed in place and taken away. The focus always has a home: a new row's
 * first field; after a removal, the row that took its place, or what adds one.
 */
export function EditableList<T>(props: EditableListProps<T>) {
  const { rows, nameOf, onChange, least = 0, children, add } = props;
  const { ids, removed } = useRowIds(rows.length);
  const own = useRef<HTMLDivElement>(null);
  const [home, setHome] = useState<{ row: number; part: 'field' | 'remove' } | null>(null);

  useEffect(() => {
    if (!home || !own.current) return;
    const lines = own.current.querySelectorAll<HTMLElement>(':scope > ul > li');
    const line = lines[Math.min(home.row, lines.length - 1)];
    const stop =
      home.part === 'field'
        ? line?.querySelector<HTMLElement>('input')
        : (line?.querySelector<HTMLElement>('[data-remove]') ??
          own.current.querySelector<HTMLElement>('[data-add] button, [data-add] select'));
    stop?.focus();
  }, [home]);

  return (
    <div ref={own}>
      {rows.length === 0 && props.empty}
      <ul className={props.className}>
        {rows.map((row, index) => (
          <li key={ids[index]} className={props.rowClassName}>
            {children(row, {
              index,
              replace: (change) =>
                onChange(rows.map((each, i) => (i === index ? { ...each, ...change } : each))),
              remove: (
                <IconButton
                  label={`Remove ${nameOf(row)}`}
                  resting={rows.length <= least}
                  data-remove
                  onClick={() => {
                    removed(index);
                    setHome({ row: index, part: 'remove' });
                    onChange(
                      rows.filter((_, i) => i !== index),
                      nameOf(row),
                    );
                  }}
                >
                  <X size={18} aria-hidden />
                </IconButton>
              ),
            })}
          </li>
        ))}
      </ul>
      {add && (
        <div data-add>
          {add((row) => {
            setHome({ row: rows.length, part: 'field' });
            onChange([...rows, row]);
          })}
        </div>
      )}
    </div>
  );
}
