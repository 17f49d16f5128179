import { redirect } from 'next/navigation';
import { SUMS } from '@/features/sums/sumList';

/** The first sum: there is no use in a page that only lists them. */
export default function Page() {
  redirect(`/sums/${SUMS[0].id}`);
}
