'use client';

import { useLinkStatus } from 'next/link';

/** Inside a link: a sign that its page is on the way, once that takes longer than a moment. */
export function LinkPending() {
  const { pending } = useLinkStatus();
  return pending ? <span role="status" aria-label="Opening" className="link-pending" /> : null;
}
