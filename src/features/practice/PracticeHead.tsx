import { Link } from '@/ui/layout/Link';

/** The way back to all practice, and what this one is for. */
export const PracticeHead = ({ says }: { says: string }) => (
  <p className="text-ink-dim">
    <Link className="link" href="/practice">
      Practice
    </Link>{' '}
    · {says}
  </p>
);
