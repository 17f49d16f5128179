'use client';

import type { Remote } from 'comlink';
import { useCallback, useState } from 'react';
import { WITH_ROOM, type MapKind, type MapPoint } from '@/core/risk/marginMap';
import { Button } from '@/ui/buttons/Button';
import { Choice } from '@/ui/fields/Choice';
import { useUnits } from '@/ui/units/UnitsContext';
import type { ModelWorker } from '@/workers/model.worker';
import { useEdit, useShown, useWorld } from '../editor/EditorContext';
import { MARGIN_NAMES, spareWords } from '../marginWords';
import { useLive } from '../search/useLive';
import { BalanceChart } from './BalanceChart';
import { BalanceSlice } from './BalanceSlice';
import { BalanceTable } from './BalanceTable';
import { MAP_AXES } from './mapAxes';
import { Scattered } from './Scattered';

const KINDS = Object.keys(MAP_AXES) as MapKind[];

/** Where the piece holds, over two things at a time, and how many hands as they are will lose. */
export function Balance() {
  const { tested, on, result } = useShown();
  const { kitchen } = useWorld();
  const { edit } = useEdit();
  const { text } = useUnits();
  const [kind, setKind] = useState<MapKind>('thickness');
  const axes = MAP_AXES[kind];
  const ask = useCallback(
    (model: Remote<ModelWorker>) =>
      model.balance(
        tested,
        on,
        kind,
        kitchen.cutters.map(({ mm }) => mm),
      ),
    [tested, on, kind, kitchen],
  );
  const { value, behind, failed } = useLive(ask);
  const map = value?.map ?? null;
  const move = (x: number, y: number, passing: boolean) =>
    edit(
      (before) => {
        const along = axes.x.set ? axes.x.set(before, x) : before;
        return axes.y.set ? axes.y.set(along, y) : along;
      },
      'balance',
      passing,
    );
  const said = ({ x, y }: MapPoint) => `${text(x, axes.x.unit)} at ${text(y, axes.y.unit)}`;
  const mould = result.shape.family === 'mouldedRavioli';
  return (
    <section aria-label="Where it holds" className="grid grid-cols-[minmax(0,1fr)] gap-2">
      <h3>Where it holds: {axes.title}</h3>
      <div className="max-w-[560px]">
        <Choice
          label="Map of"
          hideLabel
          value={kind}
          onChange={(value: MapKind) => setKind(value)}
          options={KINDS.filter((each) => !mould || each !== 'size').map((each) => ({
            value: each,
            label: MAP_AXES[each].label,
          }))}
        />
      </div>
      {failed && (
        <p role="alert">The map could not be worked out. It is tried again at the next change.</p>
      )}
      {!value && !failed && <p className="text-ink-dim">Working out where it holds…</p>}
      {value && (
        <div aria-busy={behind}>
          {map && (
            <>
              <BalanceChart map={map} onMove={move} />
              <p className="mt-1">
                Here: {said(map.own)}; {MARGIN_NAMES[map.own.weakest]},{' '}
                {spareWords(map.own.weakest, map.own.margin)}.
                {map.best && (
                  <>
                    {' '}
                    {map.best.margin >= WITH_ROOM ? 'Fullest with room' : 'Most to spare'}:{' '}
                    {said(map.best)}.{' '}
                    <Button
                      onClick={() => {
                        const { x, y } = map.best!;
                        const round = (at: number, to: number) =>
                          Number((Math.round(at / to) * to).toFixed(2));
                        move(round(x, axes.x.step), round(y, axes.y.grain), false);
                      }}
                    >
                      Take it
                    </Button>
                  </>
                )}
              </p>
              <BalanceSlice map={map} />
              <BalanceTable map={map} />
            </>
          )}
          <Scattered balance={value} />
        </div>
      )}
    </section>
  );
}
