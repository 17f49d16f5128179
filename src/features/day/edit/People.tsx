'use client';

import { dayAfter } from '@/core/schedule/document/clock';
import { SKILLS, type Day, type Person, type Skill } from '@/core/schedule/document/day';
import { freeId } from '@/core/schedule/timetable/mends';
import { dayName } from '../paper/dayName';
import { Button } from '@/ui/buttons/Button';
import { CheckField } from '@/ui/fields/CheckField';
import { SelectField } from '@/ui/fields/SelectField';
import { EditableList } from '@/ui/lists/EditableList';
import { DateField } from '@/ui/fields/DateField';
import { NameInput } from './NameInput';

const SKILL_NAMES: Readonly<Record<Skill, string>> = {
  mix: 'mix',
  cook: 'cook filling',
  roll: 'roll',
  fill: 'fill',
  boil: 'boil',
  plate: 'plate',
};

/** How quick somebody is at filling, in words. */
const PACES = [
  { value: '0.8', label: 'Quick hands' },
  { value: '1', label: 'As usual' },
  { value: '1.25', label: 'Careful' },
  { value: '1.6', label: 'Learning' },
] as const;

/** The words nearest to a pace; one of the cook's own stands as it is. */
const paceOptions = (pace: number) =>
  PACES.some(({ value }) => Number(value) === pace)
    ? PACES
    : [...PACES, { value: String(pace), label: `× ${pace}` }];

/** Days somebody may be there on: the first to the last anything is served on. */
function datesOf({ date, services, people }: Day): string[] {
  const last = [
    ...services.map(({ at }) => at.slice(0, 10)),
    ...people.flatMap(({ hours }) => hours.map((span) => span.date)),
  ].reduce((a, b) => (a > b ? a : b), date);
  const dates: string[] = [];
  for (let at = date; at <= last && dates.length < 14; at = dayAfter(at, 1)) dates.push(at);
  return dates;
}

/** Who is there, when, and what they do. */
export function People({
  day,
  onChange,
}: {
  day: Day;
  onChange(people: Person[], undo?: string): void;
}) {
  return (
    <EditableList
      rows={day.people}
      nameOf={({ name }) => name}
      onChange={(rows, removed) => onChange(rows, removed && `${removed} taken off the day`)}
      empty={<p className="mb-2 text-ink-dim">Nobody works on this day yet.</p>}
      rowClassName="border-b border-board-rule py-3"
      add={(insert) => (
        <Button
          className="mt-3"
          onClick={() =>
            insert({
              id: freeId(day.people, 'p'),
              name: `Helper ${day.people.length + 1}`,
              can: [...SKILLS],
              pace: 1,
              hours: day.people[0]?.hours ?? [{ date: day.date, from: '10:00', to: '22:00' }],
            })
          }
        >
          Somebody more
        </Button>
      )}
    >
      {(person, { replace, remove }) => (
        <div className="grid gap-x-6 gap-y-2 md:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
          <div className="grid content-start gap-2">
            <div className="flex items-center gap-2">
              <NameInput label="Name" value={person.name} onChange={(name) => replace({ name })} />
              <SelectField
                label={`${person.name} fills`}
                hideLabel
                className="max-w-36"
                value={String(person.pace)}
                options={paceOptions(person.pace)}
                onChange={(pace) => replace({ pace: Number(pace) })}
              />
              {remove}
            </div>
            <fieldset className="flex flex-wrap gap-x-4">
              <legend className="sr-only">{person.name} can</legend>
              {SKILLS.map((skill) => (
                <CheckField
                  key={skill}
                  label={SKILL_NAMES[skill]}
                  checked={person.can.includes(skill)}
                  onChange={(on) =>
                    replace({
                      can: SKILLS.filter((each) =>
                        each === skill ? on : person.can.includes(each),
                      ),
                    })
                  }
                />
              ))}
            </fieldset>
          </div>
          <Hours person={person} dates={datesOf(day)} onChange={(hours) => replace({ hours })} />
        </div>
      )}
    </EditableList>
  );
}

/** When somebody is there, day by day. */
function Hours({
  person: { name, hours },
  dates,
  onChange,
}: {
  person: Person;
  dates: readonly string[];
  onChange(hours: Person['hours']): void;
}) {
  const shown = [...new Set([...dates, ...hours.map(({ date }) => date)])].sort();
  return (
    <ul aria-label={`${name} is there`} className="grid gap-1">
      {shown.map((date) => {
        const at = hours.findIndex((span) => span.date === date);
        const span = hours[at];
        const set = (change: Partial<Person['hours'][number]>) =>
          onChange(hours.map((each, i) => (i === at ? { ...each, ...change } : each)));
        return (
          <li key={date} className="flex flex-wrap items-center gap-2">
            <CheckField
              className="w-36"
              label={dayName(date)}
              checked={span !== undefined}
              onChange={(there) =>
                onChange(
                  there
                    ? [...hours, { date, from: '10:00', to: '22:00' }].sort((a, b) =>
                        a.date < b.date ? -1 : 1,
                      )
                    : hours.filter((each) => each.date !== date),
                )
              }
            />
            {span && (
              <>
                <DateField
                  kind="time"
                  hideLabel
                  label={`${name} from, ${dayName(date)}`}
                  value={span.from}
                  onChange={(from) => set({ from })}
                />
                <span className="text-ink-dim">to</span>
                <DateField
                  kind="time"
                  hideLabel
                  label={`${name} to, ${dayName(date)}`}
                  value={span.to}
                  onChange={(to) => set({ to })}
                />
              </>
            )}
          </li>
        );
      })}
      {shown.length < 14 && (
        <li>
          <Button
            onClick={() =>
              onChange([...hours, { date: dayAfter(shown.at(-1)!, 1), from: '10:00', to: '22:00' }])
            }
          >
            Another day
          </Button>
        </li>
      )}
    </ul>
  );
}
