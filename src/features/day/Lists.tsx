'use client';

import { PAIRS, pairsTasks } from '@/core/schedule/timetable/pairs';
import type { Day } from '@/core/schedule/document/day';
import type { DayWork } from '@/core/schedule/tasks/work';
import { blocksOf, type Block } from '@/core/schedule/timetable/blocks';
import type { Timetable } from '@/core/schedule/timetable/timetable';
import { planNames } from '@/core/schedule/timetable/words';
import { momentText } from './Headline';
import { useUnits } from '@/ui/units/UnitsContext';

/** What each has to do, in order, to be read out or ticked; large on paper. */
export function Lists({
  day,
  work,
  timetable,
  onDone,
}: {
  day: Day;
  work: DayWork;
  timetable: Timetable;
  onDone(block: Block, person: string): void;
}) {
  const several =
    Math.floor(timetable.startsMin / 1440) !== Math.floor((timetable.endsMin - 1) / 1440);
  const { text } = useUnits();
  const at = (minute: number) => momentText(day.date, minute, { several, write: text });
  const pairs = pairsTasks(timetable);
  return (
    <div className="grid gap-8 md:grid-cols-2 xl:grid-cols-3">
      {pairs.length > 0 && (
        <section aria-label="The pairs’ list" className="break-inside-avoid">
          <h2 className="font-display text-figure">{PAIRS}</h2>
          <ol className="mt-1">
            {pairs.map((task) => (
              <li key={task.id} className="flex gap-3 border-b border-board-line py-2">
                <span className="numeral w-24 shrink-0 font-semibold">
                  {at(task.fromMin)}
                  <span className="sr-only"> to {text(task.toMin, 'timeOfDay')}</span>
                </span>
                <span className="min-w-0 grow font-semibold">{task.name}</span>
              </li>
            ))}
          </ol>
        </section>
      )}
      {day.people.map(({ id, name }) => {
        const blocks = blocksOf(timetable, id);
        return (
          <section key={id} aria-label={`${name}’s list`} className="break-inside-avoid">
            <h2 className="font-display text-figure">{name}</h2>
            {blocks.length === 0 && <p className="text-ink-dim">Nothing to do.</p>}
            <ol className="mt-1">
              {blocks.map((block) => (
                <li
                  key={block.id}
                  className={`flex gap-3 border-b border-board-line py-2 ${block.done ? 'text-ink-dim' : ''}`}
                >
                  <span className="numeral w-24 shrink-0 font-semibold">
                    {at(block.fromMin)}
                    <span className="sr-only"> to {text(block.toMin, 'timeOfDay')}</span>
                  </span>
                  <span className="min-w-0 grow">
                    <span className="font-semibold">{block.name}</span>
                    <br />
                    <span className="text-small text-ink-dim">
                      {[
                        planNames(work, block.services),
                        block.others.length > 0
                          ? `with ${block.others
                              .map((other) => day.people.find((each) => each.id === other)?.name)
                              .join(' and ')}`
                          : '',
                      ]
                        .filter(Boolean)
                        .join('; ')}
                    </span>
                  </span>
                  {block.done ? (
                    <span className="no-print self-center text-small font-semibold">done</span>
                  ) : (
                    <button
                      type="button"
                      className="btn no-print shrink-0 self-center"
                      aria-label={`Done: ${block.name}, ${name}`}
                      onClick={() => onDone(block, name)}
                    >
                      Done
                    </button>
                  )}
                </li>
              ))}
            </ol>
          </section>
        );
      })}
    </div>
  );
}
