'use client';

import { useId, type ReactNode } from 'react';
import { Field } from './Field';
import { useAnswering } from './useAnswering';

export interface SelectOption<T extends string> {
  readonly value: T;
  readonly label: string;
  /** Options with the same one stand under it. */
  readonly group?: string;
  /** Says how things stand; it cannot be taken. */
  readonly rests?: boolean;
}

export interface SelectFieldProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly SelectOption<T>[];
  onChange(value: T): void;
  /** Where its place names it already: heard, not seen. */
  readonly hideLabel?: boolean;
  /** Says more than the label does, for those who hear it. */
  readonly fullLabel?: string;
  readonly hint?: ReactNode;
  readonly className?: string;
}

/** One of many, by its name. */
export function SelectField<T extends string>(props: SelectFieldProps<T>) {
  const { label, options, onChange, hideLabel = false, fullLabel, className = '' } = props;
  const id = useId();
  const [shown, ask] = useAnswering(props.value);
  const groups = [...new Set(options.map(({ group }) => group))];
  const select = (
    <select
      id={id}
      className={`field ${hideLabel ? className : ''}`}
      aria-label={hideLabel ? label : fullLabel}
      value={shown}
      onChange={(event) => {
        const value = event.target.value as T;
        ask(value);
        onChange(value);
      }}
    >
      {groups.map((group) => {
        const rows = options
          .filter((option) => option.group === group)
          .map(({ value, label: name, rests }) => (
            <option key={value} value={value} disabled={rests}>
              {name}
            </option>
          ));
        return group === undefined ? (
          rows
        ) : (
          <optgroup key={group} label={group}>
            {rows}
          </optgroup>
        );
      })}
    </select>
  );
  return hideLabel ? (
    select
  ) : (
    <Field label={label} htmlFor={id} hint={props.hint} className={className}>
      {select}
    </Field>
  );
}
