import type { DocumentKind } from '@/server/repositories/unreadable';

const MANY: Readonly<Record<DocumentKind, string>> = {
  plan: 'plans',
  revision: 'revisions',
  kitchen: 'the kitchen',
  ingredient: 'ingredients',
  preparation: 'preparations',
  run: 'batches',
  event: 'taps',
  day: 'days',
};

/** Says that part of the kitchen's file is damaged, and what to do; nothing where it is whole. */
export function DamagedNotice({ kinds }: { kinds: readonly DocumentKind[] }) {
  if (kinds.length === 0) return null;
  return (
    <div role="status" className="my-4 border-l-4 border-brick py-1 pl-4">
      <p className="font-semibold">
        Part of the kitchen’s file is damaged:{' '}
        {new Intl.ListFormat('en').format(kinds.map((kind) => MANY[kind]))}.
      </p>
      <p>
        Restore a copy below. The file as it is now is set aside beside it, so nothing that can
        still be read is lost.
      </p>
    </div>
  );
}
