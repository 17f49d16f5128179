import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/**
 * A way to another page. Nothing is fetched before it is taken: the server is a few metres away, and every
 * page that shows ten ways would have it draw ten pages.
 */
export const Link = (props: ComponentProps<typeof NextLink>) => (
  <NextLink prefetch={false} {...props} />
);
