import type { Metadata } from 'next';
import { GLOSSARY, GLOSSARY_IDS } from '@/core/glossary';
import { WordDrawing } from '@/ui/glossary/WordDrawing';
import { BenchBar } from '@/ui/layout/BenchBar';

export const metadata: Metadata = { title: 'Words' };

/** Every word of the craft, drawn where a drawing says more. */
export default function Page() {
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[1080px] p-5 md:py-8">
        <h1 className="font-display text-[2rem] leading-tight">Words of the craft</h1>
        <p className="mt-1 max-w-prose">
          What they mean at the bench. On a plan, each is explained where it stands.
        </p>
        <dl className="mt-6 grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-3">
          {GLOSSARY_IDS.map((id) => {
            const { word, says, matters } = GLOSSARY[id];
            return (
              <div key={id} id={id} className="border-t-[1.5px] border-board-rule pt-2">
                <dt className="font-display text-lead font-semibold">{word}</dt>
                <dd>
                  <WordDrawing id={id} />
                  <p>{says}</p>
                  <p className="mt-1 text-ink-dim">{matters}</p>
                </dd>
              </div>
            );
          })}
        </dl>
      </main>
    </>
  );
}
