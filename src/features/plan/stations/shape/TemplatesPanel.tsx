'use client';

import { FileDown } from 'lucide-react';
import { useParams } from 'next/navigation';
import { useState } from 'react';
import { PAPERS, type PaperId } from '@/core/templates/page';
import { sheetPages } from '@/core/templates/sheetTemplate';
import { Choice } from '@/ui/fields/Choice';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown } from '../../editor/EditorContext';

/** Templates at true size, to lay under a sheet or hold beside a piece. */
export function TemplatesPanel() {
  const { plan, result } = useShown();
  const { flush } = useEdit();
  const { id } = useParams<{ id: string }>();
  const { units } = useUnits();
  const [paper, setPaper] = useState<PaperId>(units.system === 'us' ? 'letter' : 'a4');
  const { layout } = result;
  if (layout.pieces === 0) return <p>No blank fits this sheet: there is nothing to print yet.</p>;
  const pages = sheetPages(layout.laying, layout.blank, { paper, title: plan.name }).length;
  const link = (template: 'sheet' | 'gauge', format: 'pdf' | 'svg') => (
    <a
      className="btn"
      href={`/api/plans/${id}/template?template=${template}&paper=${paper}&format=${format}`}
      download
      onClick={async (event) => {
        // What is on the page, not what was stored a moment ago.
        event.preventDefault();
        const { href } = event.currentTarget;
        await flush();
        window.location.assign(href);
      }}
    >
      <FileDown size={18} aria-hidden /> {format.toUpperCase()}
      <span className="sr-only">{template === 'sheet' ? ' of the sheet' : ' of the gauge'}</span>
    </a>
  );
  return (
    <section aria-label="Templates" className="grid gap-4">
      <div className="max-w-[16rem]">
        <Choice
          label="Paper"
          value={paper}
          options={(Object.keys(PAPERS) as PaperId[]).map((value) => ({
            value,
            label: PAPERS[value].name,
          }))}
          onChange={(value) => setPaper(value as PaperId)}
        />
      </div>
      <div className="flex flex-wrap items-center justify-between gap-3 border-t border-board-line pt-3">
        <p className="max-w-prose">
          <b>The sheet, 1 : 1.</b> Blanks, mounds and cut lines to lay under a thin sheet or slide
          beside it. PDF over {pages} {pages === 1 ? 'page' : 'pages'}; SVG as one drawing.
        </p>
        <span className="flex gap-2">
          {link('sheet', 'pdf')}
          {link('sheet', 'svg')}
        </span>
      </div>
      <div className="flex flex-wrap items-center justify-between gap-3 border-t border-board-line pt-3">
        <p className="max-w-prose">
          <b>Pocket gauge, 1 : 1.</b> The blank with its mound and the lip it needs, and circles to
          judge a dose by.
        </p>
        <span className="flex gap-2">
          {link('gauge', 'pdf')}
          {link('gauge', 'svg')}
        </span>
      </div>
      <p className="text-small text-ink-dim">
        Print at 100 %, not “fit to page”, then check the 100 mm ruler on every page. Paper is not
        for food: keep it under a clear sheet or beside the dough.
      </p>
    </section>
  );
}
