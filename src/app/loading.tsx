/** The bench, while its page is laid. */
export default function Loading() {
  return (
    <div role="status" aria-label="Loading">
      <div className="h-[48px] bg-bench" />
      <div className="mx-auto max-w-[1080px] p-5 md:py-8">
        <p className="text-ink-dim">Laying out…</p>
        <div aria-hidden className="mt-4 grid gap-4">
          {[72, 88, 64].map((width) => (
            <div key={width} className="h-8 rounded bg-dough/60" style={{ width: `${width}%` }} />
          ))}
        </div>
      </div>
    </div>
  );
}
