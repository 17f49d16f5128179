'use client';

import { Link } from '@/ui/layout/Link';
import { useState } from 'react';
import { MOST_DAYS, type Day, type Service } from '@/core/schedule/document/day';
import { freeId } from '@/core/schedule/timetable/mends';
import type { Timetable } from '@/core/schedule/timetable/timetable';
import { dayAfter, spanText } from '@/core/schedule/document/clock';
import type { PlanChoice } from '@/server/repositories/findPlans';
import { Button } from '@/ui/buttons/Button';
import { CheckField } from '@/ui/fields/CheckField';
import { QuantityField } from '@/ui/fields/QuantityField';
import { SelectField } from '@/ui/fields/SelectField';
import { EditableList } from '@/ui/lists/EditableList';
import { DateField } from '@/ui/fields/DateField';

const KINDS = [
  { value: 'plates', label: 'On plates' },
  { value: 'handOver', label: 'Collected' },
  { value: 'class', label: 'A class makes it' },
] as const;

const AHEAD = [
  { value: 'sameDay', label: 'Made the same day' },
  { value: 'dayBefore', label: 'May be made the day before' },
  { value: 'inFreezer', label: 'In the freezer already' },
  { value: 'frozen', label: 'Made before and frozen' },
] as const;

/** What is served, when, to how many, and how far ahead it may be made. */
export function Served({
  day,
  choices,
  timetable,
  onChange,
  onBench,
}: {
  day: Day;
  choices: readonly PlanChoice[];
  timetable: Timetable | null;
  onChange(services: Service[], undo?: string): void;
  onBench(service: string): void;
}) {
  const last = day.services.at(-1)?.at ?? `${day.date}T19:00`;
  const [chosen, choose] = useState(choices[0]?.id ?? '');
  const nameOf = (id: string) =>
    choices.find((plan) => plan.id === id)?.name ?? 'A plan that is gone';
  if (choices.length === 0) {
    return (
      <p>
        There is no plan to serve yet.{' '}
        <Link className="link" href="/plans/new">
          Make one
        </Link>
        , then add it to the day.
      </p>
    );
  }
  return (
    <EditableList
      rows={day.services}
      nameOf={({ planId }) => nameOf(planId)}
      onChange={(rows, removed) => onChange(rows, removed && `${removed} taken off the day`)}
      empty={<p className="mb-2 text-ink-dim">Nothing is on this day yet.</p>}
      rowClassName="border-b border-board-rule py-4"
      add={(insert) => (
        <div className="mt-4 flex flex-wrap items-end gap-2">
          <SelectField
            className="min-w-56"
            label="Plan"
            value={chosen}
            options={choices.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={choose}
          />
          <Button
            strong
            onClick={() =>
              insert({
                id: freeId(day.services, 's'),
                planId: chosen,
                kind: 'plates',
                at: last,
                portions: choices.find((plan) => plan.id === chosen)?.portions ?? 4,
                ahead: 'sameDay',
                ownDough: false,
                ownFilling: false,
                pairs: 4,
                ribbons: false,
              })
            }
          >
            Add to day
          </Button>
        </div>
      )}
    >
      {(service, { replace, remove }) => {
        const timed = timetable?.services.find(({ id }) => id === service.id);
        return (
          <div className="grid gap-3">
            <div className="flex flex-wrap items-center gap-2">
              <Link href={`/plans/${service.planId}`} className="link font-display text-lead">
                {nameOf(service.planId)}
              </Link>
              <span className="grow text-small text-ink-dim">
                {timed &&
                  [
                    `${timed.pieces} pieces`,
                    timed.rounds > 0
                      ? `${timed.rounds} ${timed.rounds === 1 ? 'round' : 'rounds'} in the pot`
                      : '',
                    timed.waitsMin !== null && timed.keepsMin !== null && service.kind !== 'class'
                      ? `trays wait ${spanText(timed.waitsMin)} of the ${spanText(timed.keepsMin)} they keep`
                      : '',
                  ]
                    .filter(Boolean)
                    .join('; ')}
              </span>
              <Button onClick={() => onBench(service.id)}>At the bench</Button>
              {remove}
            </div>
            <div className="grid items-end gap-3 sm:grid-cols-2 md:grid-cols-[10rem_15.5rem_7rem_14rem_8rem]">
              <SelectField
                label="For"
                fullLabel={`${nameOf(service.planId)} for`}
                value={service.kind}
                options={KINDS}
                onChange={(kind) => replace({ kind })}
              />
              <DateField
                kind="datetime-local"
                label={service.kind === 'class' ? 'Begins' : 'At'}
                value={service.at}
                min={`${day.date}T00:00`}
                max={`${dayAfter(day.date, MOST_DAYS - 1)}T23:59`}
                outside={`A day runs for ${MOST_DAYS / 7} weeks at most: what comes out of the freezer later has a day of its own, “In the freezer already”.`}
                onChange={(at) => replace({ at })}
              />
              <QuantityField
                label="Portions"
                kind="count"
                range={{ min: 1, max: 5000, whole: true }}
                value={service.portions}
                step={1}
                onChange={(portions) => replace({ portions })}
              />
              <SelectField
                label="How far ahead"
                value={service.ahead}
                options={AHEAD}
                onChange={(ahead) => replace({ ahead })}
              />
              {service.kind === 'plates' && (
                <QuantityField
                  label="Service lasts"
                  kind="minutes"
                  range={{ min: 0, max: 600, whole: true, unit: 'min' }}
                  value={service.overMin}
                  placeholder="as the pots take"
                  step={5}
                  onChange={(overMin) => replace({ overMin })}
                  onClear={() => replace({ overMin: undefined })}
                />
              )}
              {service.kind === 'class' && (
                <QuantityField
                  label="Pairs"
                  kind="count"
                  range={{ min: 1, max: 60, whole: true }}
                  value={service.pairs}
                  step={1}
                  onChange={(pairs) => replace({ pairs })}
                />
              )}
            </div>
            <div className="flex flex-wrap gap-x-5">
              <CheckField
                label="Dough in a bowl of its own"
                checked={service.ownDough}
                onChange={(ownDough) => replace({ ownDough })}
              />
              <CheckField
                label="Filling in a bowl of its own"
                checked={service.ownFilling}
                onChange={(ownFilling) => replace({ ownFilling })}
              />
              <CheckField
                label="Trim to ribbons for the staff"
                checked={service.ribbons}
                onChange={(ribbons) => replace({ ribbons })}
              />
            </div>
          </div>
        );
      }}
    </EditableList>
  );
}
