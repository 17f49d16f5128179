'use client';

import { startingRules } from '@/core/basis/rules';
import { DUSTS } from '@/core/sheet/dust';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/UnitsContext';
import { useShown } from '../../editor/EditorContext';
import { trimText } from '../sheetWords';

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
        <div className="overflow-x-auto">
          <table className="w-full border-collapse">
            <thead className="text-left text-small text-ink-dim">
              <tr>
                {['Rolled', 'Dough', 'Sheets', 'Pieces', 'Trim left', 'Stretches'].map((name) => (
                  <th
                    key={name}
                    scope="col"
                    className={`pr-3 font-normal ${name === 'Dough' ? 'max-sm:hidden' : ''}`}
                  >
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {layout.rollings.map(({ generation, doughG, full, short, pieces, trimG }, i) => (
                <tr key={generation} className="border-t border-board-line">
                  <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                    {ROLLED[generation]}
                  </th>
                  <td className="numeral pr-3 max-sm:hidden">{text(doughG, 'g')}</td>
                  <td className="pr-3 sm:whitespace-nowrap">
                    {[full > 0 ? full : '', short ? `one of ${text(short.lengthMm, 'mm')}` : '']
                      .filter(Boolean)
                      .join(', ')}
                  </td>
                  <td className="numeral pr-3">{pieces}</td>
                  <td className="numeral pr-3 whitespace-nowrap">{text(trimG, 'g')}</td>
                  <td className="numeral whitespace-nowrap">
                    {about(trim.quality[i]?.stretch ?? 0)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
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
