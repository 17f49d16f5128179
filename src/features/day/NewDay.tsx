'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useAction } from '@/features/actions/useAction';
import { importDay, startDay } from '@/server/actions/days';
import { useIdFor } from '@/features/plans/useIdFor';
import { Button } from '@/ui/buttons/Button';
import { ChooseFile } from '@/ui/files/ChooseFile';
import { DateField } from '@/ui/fields/DateField';

/** Makes a day, or opens one from a file. */
export function NewDay({ today }: { today: string }) {
  const router = useRouter();
  const idFor = useIdFor();
  const [name, setName] = useState('');
  const [date, setDate] = useState(today);
  const { busy, trouble, run, refuse } = useAction({ tells: 'here' });
  const open = (id: string) => router.push(`/days/${id}`);
  const make = () => {
    const wish = { name: name.trim() || 'A day', date };
    void run(() => startDay({ id: idFor(wish), ...wish }), { then: open });
  };
  const read = async (file: File) => {
    let document: unknown;
    try {
      document = JSON.parse(await file.text());
    } catch {
      return refuse(`${file.name} is not a day file: it is not JSON.`);
    }
    await run(() => importDay(document, idFor(document)), {
      then: open,
      failed: (error) => `${file.name} was not taken: ${error}`,
    });
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
        <Button strong submits resting={busy}>
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
      {trouble && (
        <p role="alert" className="font-semibold text-brick">
          {trouble}
        </p>
      )}
    </form>
  );
}
