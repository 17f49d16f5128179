'use client';

import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { importPlan } from '@/server/actions/plans';

/** Opens a plan document from a file. A file that is none is refused with its reason. */
export function ImportPlan() {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const [error, setError] = useState<string | null>(null);
  const read = async (file: File | undefined) => {
    if (!file) return;
    let document: unknown;
    try {
      document = JSON.parse(await file.text());
    } catch {
      setError(`${file.name} is not a plan file: it is not JSON.`);
      return;
    }
    const result = await importPlan(document);
    if (result.ok) router.push(`/plans/${result.value}`);
    else setError(`${file.name} was not taken: ${result.error}`);
  };
  return (
    <div>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Plan file"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          void read(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <button type="button" className="btn" onClick={() => input.current?.click()}>
        Open a plan file
      </button>
      {error && (
        <p role="alert" className="mt-2 max-w-prose font-semibold text-brick">
          {error}
        </p>
      )}
    </div>
  );
}
