'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';
import { spanText } from '@/core/schedule/document/clock';
import type { Day } from '@/core/schedule/document/day';
import type { Block } from '@/core/schedule/timetable/blocks';
import type { DayWork } from '@/core/schedule/tasks/work';
import { planNames } from '@/core/schedule/timetable/words';
import { Button } from '@/ui/buttons/Button';
import { SelectField } from '@/ui/fields/SelectField';
import { useUnits } from '@/ui/units/UnitsContext';
import type { BlockMove } from './lanes/PersonBlock';

/** What was chosen on the lanes: what it is, how much it may slip, and what can be done with it. */
export function BlockPanel({
  block,
  person,
  day,
  work,
  onMove,
  onRelease,
  onDone,
}: {
  block: Block;
  person: string;
  day: Day;
  work: DayWork;
  onMove(move: BlockMove): void;
  onRelease(): void;
  onDone(): void;
}) {
  const { text } = useUnits();
  const nameOf = (id: string) => day.people.find((each) => each.id === id)?.name ?? id;
  const [only] = block.tasks;
  const sure = block.tasks.reduce((sum, { sureMin }) => sum + sureMin, 0);
  const pieces = block.tasks.reduce((sum, task) => sum + (task.pieces ?? 0), 0);
  const move = (byMin: number, to = person) => onMove({ block, from: person, byMin, to });
  return (
    <section
      aria-label={`Chosen: ${block.name}`}
      className="mt-4 grid gap-4 border-t-[1.5px] border-board-rule pt-3 md:grid-cols-[minmax(0,1fr)_auto]"
    >
      <div>
        <h2 className="font-display text-figure">{block.name}</h2>
        <p className="mt-0.5">
          <span className="numeral text-lead">
            {text(block.fromMin, 'timeOfDay')} to {text(block.toMin, 'timeOfDay')}
          </span>
          , {nameOf(person)}
          {block.others.length > 0 && ` with ${block.others.map(nameOf).join(' and ')}`}.
        </p>
        <p className="mt-0.5 max-w-prose text-ink-dim">
          {[
            planNames(work, block.services),
            only && block.tasks.length === 1 && only.g ? text(only.g, 'g') : '',
            pieces > 0 ? `${pieces} pieces` : '',
            block.done
              ? 'done'
              : block.slackMin > 0
                ? `may slip ${spanText(block.slackMin)} and nothing is late`
                : 'cannot slip',
            !block.done && sure > 0 ? `give or take ${spanText(sure)}` : '',
            block.pinned ? 'kept at this time' : '',
          ]
            .filter(Boolean)
            .join('; ')}
          .
        </p>
      </div>
      {!block.done && (
        <div className="flex flex-wrap items-end gap-2">
          <Button onClick={() => move(-5)}>
            <ChevronLeft size={18} aria-hidden /> 5 min sooner
          </Button>
          <Button onClick={() => move(5)}>
            5 min later <ChevronRight size={18} aria-hidden />
          </Button>
          <SelectField
            label="Done by"
            value={person}
            options={day.people
              .filter(({ id }) => id === person || !block.others.includes(id))
              .map(({ id, name }) => ({ value: id, label: name }))}
            onChange={(to) => to !== person && move(0, to)}
          />
          {block.pinned && <Button onClick={onRelease}>Let it move again</Button>}
          <Button strong onClick={onDone}>
            It is done
          </Button>
        </div>
      )}
    </section>
  );
}
