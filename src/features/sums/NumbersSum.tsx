'use client';

import { useState, type ReactNode } from 'react';
import { FieldError, type FieldRange } from '@/core/range';
import type { QuantityKind } from '@/core/units/parse';
import type { Working } from '@/core/working/working';
import { QuantityField } from '@/ui/fields/QuantityField';
import { Answer, Inputs, Trouble } from './SumParts';

/** A number to put in. */
export interface NumberInput {
  readonly label: string;
  readonly kind: QuantityKind;
  readonly range: FieldRange;
  readonly step: number;
  readonly start: number;
}

/** What a sum comes to: a figure with its working, or words where there is none. */
export interface SumAnswer {
  readonly working: Working | null;
  readonly says?: ReactNode;
}

/** A sum of a few numbers: what is put in, and what comes of it. */
export function NumbersSum<K extends string>({
  inputs,
  work,
  children,
}: {
  inputs: Readonly<Record<K, NumberInput>>;
  work(values: Readonly<Record<K, number>>): SumAnswer;
  children?: ReactNode;
}) {
  const names = Object.keys(inputs) as K[];
  const [values, setValues] = useState(
    () => Object.fromEntries(names.map((name) => [name, inputs[name].start])) as Record<K, number>,
  );
  return (
    <>
      {children}
      <Inputs>
        {names.map((name) => {
          const { start: _start, ...field } = inputs[name];
          return (
            <QuantityField
              key={name}
              {...field}
              value={values[name]}
              onChange={(value) => setValues((before) => ({ ...before, [name]: value }))}
            />
          );
        })}
      </Inputs>
      <Outcome work={() => work(values)} />
    </>
  );
}

function Outcome({ work }: { work(): SumAnswer }) {
  let done: SumAnswer;
  try {
    done = work();
  } catch (error) {
    if (!(error instanceof FieldError)) throw error;
    return <Trouble>{error.message}.</Trouble>;
  }
  if (!done.working) return <p className="mt-4 text-lead">{done.says}</p>;
  return <Answer working={done.working}>{done.says && <p>{done.says}</p>}</Answer>;
}
