'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { importPlan } from '@/server/actions/plans';
import { ChooseFile } from '@/ui/files/ChooseFile';
import { useIdFor } from './useIdFor';

/** Opens a plan document from a file. A file that is none is refused with its reason. */
export function ImportPlan() {
  const router = useRouter();
  const idFor = useIdFor();
  const [error, setError] = useState<string | null>(null);
  const read = async (file: File) => {
    let document: unknown;
    try {
      document = JSON.parse(await file.text());
    } catch {
      setError(`${file.name} is not a plan file: it is not JSON.`);
      return;
    }
    const result = await importPlan(document, idFor(document));
    if (result.ok) router.push(`/plans/${result.value}`);
    else setError(`${file.name} was not taken: ${result.error}`);
  };
  return (
    <div>
      <ChooseFile
        label="Plan file"
        accept=".json,application/json"
        onFile={(file) => void read(file)}
      >
        Open a plan file
      </ChooseFile>
      {error && (
        <p role="alert" className="mt-2 max-w-prose font-semibold text-brick">
          {error}
        </p>
      )}
    </div>
  );
}
