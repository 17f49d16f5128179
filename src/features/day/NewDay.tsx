'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { importDay, startDay } from '@/server/actions/days';
import { useIdFor } from '@/features/plans/useIdFor';
import { Button } from '@/ui/buttons/Button';
import { ChooseFile } from '@/ui/files/ChooseFile';
import { DateField } from './edit/DateField';

/** Makes a day, or opens one from a file. */
export function NewDay({ today }: { today: string }) {
  const router = useRouter();
  const idFor = useIdFor();
  const [pending, begin] = useTransition();
  const [name, setName] = useState('');
  const [date, setDate] = useState(today);
  const [error, setError] = useState<string | null>(null);
  const make = () => {
    const wish = { name: name.trim() || 'A day', date };
    setError(null);
    begin(async () => {
      const result = await startDay({ id: idFor(wish), ...wish });
      if (result.ok) router.push(`/days/${result.value}`);
      else setError(result.error);
    });
  };
  const read = async (file: File) => {
    let document: unknown;
    try {
      document = JSON.parse(await file.text());
    } catch {
      setError(`${file.name} is not a day file: it is not JSON.`);
      return;
    }
    const result = await importDay(document, idFor(document));
    if (result.ok) router.push(`/days/${result.value}`);
    else setError(`${file.name} was not taken: ${result.error}`);
  };
  return (
    <form
      className="mt-5 grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        make();
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <label className="block min-w-60 grow md:max-w-96">
          <span className="mb-1 block text-small text-ink-dim">What is it?</span>
          <input
            className="field"
            maxLength={120}
            placeholder="Friday supper"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <DateField kind="date" label="First day of work" value={date} onChange={setDate} />
        <Button strong submits resting={pending}>
          New day
        </Button>
        <ChooseFile
          label="Day file"
          accept=".json,application/json"
          onFile={(file) => void read(file)}
        >
          Open a day file
        </ChooseFile>
      </div>
      {error && (
        <p role="alert" className="font-semibold text-brick">
          {error}
        </p>
      )}
    </form>
  );
}
