'use client';

import { useRouter } from 'next/navigation';
import { useAction } from '@/features/actions/useAction';
import { importPlan } from '@/server/actions/plans';
import { ChooseFile } from '@/ui/files/ChooseFile';
import { useIdFor } from './useIdFor';

/** Opens a plan document from a file. A file that is none is refused with its reason. */
export function ImportPlan() {
  const router = useRouter();
  const idFor = useIdFor();
  const { trouble, run, refuse } = useAction({ tells: 'here' });
  const read = async (file: File) => {
    let document: unknown;
    try {
      document = JSON.parse(await file.text());
    } catch {
      return refuse(`${file.name} is not a plan file: it is not JSON.`);
    }
    await run(() => importPlan(document, idFor(document)), {
      then: (id) => router.push(`/plans/${id}`),
      failed: (error) => `${file.name} was not taken: ${error}`,
    });
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
      {trouble && (
        <p role="alert" className="mt-2 max-w-prose font-semibold text-brick">
          {trouble}
        </p>
      )}
    </div>
  );
}
