'use client';

import { Trash2, Undo2 } from 'lucide-react';
import { useAction } from '@/features/actions/useAction';
import { Link } from '@/ui/layout/Link';
import { useState } from 'react';
import { removeDay, shelveDay } from '@/server/actions/days';
import { Button } from '@/ui/buttons/Button';
import { IconButton } from '@/ui/buttons/IconButton';
import { AskOnce } from '@/ui/layout/AskOnce';
import { Moment } from '@/ui/text/Moment';

/** A day as the list shows it. */
export interface DaySummary {
  readonly id: string;
  readonly name: string;
  readonly date: string;
  /** What is served, in words. */
  readonly serves: string;
  readonly people: number;
}

/** Days, the latest first. */
export function DayList({ days, deleted }: { days: readonly DaySummary[]; deleted: boolean }) {
  const [asking, ask] = useState<DaySummary | null>(null);
  const { run } = useAction();
  const move = (day: DaySummary, to: 'current' | 'deleted') =>
    run(() => shelveDay(day.id, to), {
      done: `${day.name}: ${to === 'deleted' ? 'deleted' : 'brought back'}`,
      undo: () => shelveDay(day.id, to === 'deleted' ? 'current' : 'deleted'),
    });
  const destroy = (day: DaySummary) => {
    ask(null);
    return run(() => removeDay(day.id), { done: `${day.name} is gone` });
  };
  return (
    <>
      <ul className="mt-5 grid">
        {days.map((day) => (
          <li key={day.id} className="flex items-center gap-4 border-b border-board-line py-3">
            <span className="w-28 shrink-0 text-ink-dim">
              <Moment at={day.date} />
            </span>
            <span className="min-w-0 grow">
              {deleted ? (
                <span className="font-display text-lead">{day.name}</span>
              ) : (
                <Link href={`/days/${day.id}`} className="link font-display text-lead">
                  {day.name}
                </Link>
              )}
              <br />
              <span className="text-ink-dim">
                {day.serves}; {day.people} {day.people === 1 ? 'person' : 'people'}
              </span>
            </span>
            {deleted ? (
              <>
                <IconButton
                  label={`Bring ${day.name} back`}
                  onClick={() => void move(day, 'current')}
                >
                  <Undo2 size={18} aria-hidden />
                </IconButton>
                <Button onClick={() => ask(day)}>Delete for ever</Button>
              </>
            ) : (
              <IconButton label={`Delete ${day.name}`} onClick={() => void move(day, 'deleted')}>
                <Trash2 size={18} aria-hidden />
              </IconButton>
            )}
          </li>
        ))}
      </ul>
      {asking && (
        <AskOnce
          question={`Delete “${asking.name}” for ever?`}
          says="Its timetable and what was ticked on it are gone. Plans and batches stay."
          yes="Delete for ever"
          no="Keep it"
          onYes={() => void destroy(asking)}
          onNo={() => ask(null)}
        />
      )}
    </>
  );
}
