'use client';

import { startingRules } from '@/core/basis/rules';
import { DUSTS } from '@/core/sheet/dust';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from '../../editor/EditorContext';
import { trimText } from '../sheetWords';
import { DataTable } from '@/ui/lists/DataTable';

const ROLLED = ['The dough', 'Its trim, rolled again', 'That trim, a second time'];

/** An estimated share, no finer than it is known. */
const about = (share: number) => `${Math.round(share * 100)} %`;

/** Where the trim goes, rolling by rolling, and what dust does. */
export function TrimAndDust() {
  const { plan, result } = useShown();
  const { text } = useUnits();
  const { layout, trim, sheet, dough, working: w } = result;
  const { dust } = sheet;
  const again = trim.quality[1];
  const kind = DUSTS[plan.sheet.dust.kind];
  const dry = dust.hydration < dough.low - 1e-9;
  return (
    <div className="grid gap-6">
      <section aria-label="Trim" className="grid gap-2">
        <h3>Trim</h3>
        <DataTable
          rows={layout.rollings}
          keyOf={({ generation }) => String(generation)}
          columns={[
            {
              id: 'rolled',
              head: 'Rolled',
              names: true,
              className: 'py-1.5 pr-3',
              cell: ({ generation }) => ROLLED[generation],
            },
            {
              id: 'dough',
              head: 'Dough',
              className: 'pr-3 max-sm:hidden',
              cellClassName: 'numeral',
              cell: ({ doughG }) => text(doughG, 'g'),
            },
            {
              id: 'sheets',
              head: 'Sheets',
              className: 'pr-3 sm:whitespace-nowrap',
              cell: ({ full, short }) =>
                [full > 0 ? full : '', short ? `one of ${text(short.lengthMm, 'mm')}` : '']
                  .filter(Boolean)
                  .join(', '),
            },
            {
              id: 'pieces',
              head: 'Pieces',
              className: 'pr-3',
              cellClassName: 'numeral',
              cell: ({ pieces }) => pieces,
            },
            {
              id: 'trim',
              head: 'Trim left',
              className: 'pr-3 whitespace-nowrap',
              cellClassName: 'numeral',
              cell: ({ trimG }) => text(trimG, 'g'),
            },
            {
              id: 'stretches',
              head: 'Stretches',
              className: 'whitespace-nowrap',
              cellClassName: 'numeral',
              cell: (rolling) =>
                about(trim.quality[layout.rollings.indexOf(rolling)]?.stretch ?? 0),
            },
          ]}
        />
        <p>
          <b>
            <Figure working={w.trim}>{text(trim.g, 'g')}</Figure>
          </b>{' '}
          is left fit to use
          {trim.use === 'waste'
            ? ', and is thrown out.'
            : `: ${trimText(trim)}, about ${text(startingRules[`batch.${trim.use}`].value, 'g')} each.`}{' '}
          {text(trim.spoiltG, 'g')} is too dry or floury.
        </p>
        {again && (
          <p>
            Trim waits under cover, is kneaded together and rests {text(again.restMin, 'min')}:
            rolled at once it draws back, and the same dial leaves it {about(again.thickerUnrested)}{' '}
            thicker. It rolls drier and tougher each time: taste its pieces first, or keep them for
            soup.
          </p>
        )}
        <p className="text-small text-ink-dim">
          Stretch, rest and thickness of trim are estimates: 2 % of its water lost each time, worked
          a little further, drawn tight again.
        </p>
      </section>
      <section aria-label="Dust" className="grid gap-2">
        <h3>Bench dust: {kind.name.toLowerCase()}</h3>
        <p>{kind.says}</p>
        {plan.sheet.dust.kind !== 'none' && (
          <p>
            {text(dust.usedG, 'g')} on the bench, of which {text(dust.workedInG, 'g')} works in:
            hydration goes from {text(dough.hydration, 'share')} to {text(dust.hydration, 'share')}
            {dry ? ', below its band' : ''}. {text(dust.inPotG, 'g')} goes into the pot with the
            pieces
            {dust.slip ? ' and is felt as slip.' : '.'}
          </p>
        )}
        {(dry || dust.slip) && (
          <p className="font-semibold text-[var(--ochre)]">
            <span aria-hidden>▲</span> Less of it, or coarse semolina instead; a drier dough needs
            none.
          </p>
        )}
        <p className="text-small text-ink-dim">Flour and semolina on a floor are slippery.</p>
      </section>
    </div>
  );
}
