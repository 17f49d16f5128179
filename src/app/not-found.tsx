import { PlainBar, WholeLink } from '@/ui/layout/PlainBar';

export default function NotFound() {
  return (
    <>
      <PlainBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[720px] p-5 py-12">
        <h1 className="font-display text-[2rem]">Nothing is kept here</h1>
        <p className="mt-2 mb-5 text-lead">
          The plan may have been made on another machine, or the address is not quite right. Deleted
          plans can still be brought back.
        </p>
        <div className="flex flex-wrap gap-2">
          <WholeLink to="/" className="btn btn-strong">
            All plans
          </WholeLink>
          <WholeLink to="/?shelf=deleted" className="btn">
            Deleted plans
          </WholeLink>
        </div>
      </main>
    </>
  );
}
