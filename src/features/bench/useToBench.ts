'use client';

import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import { v4 as newId } from 'uuid';
import { answered, NO_ANSWER } from '@/features/actions/useAction';
import { startRun } from '@/server/actions/runs';
import { sayTrouble } from '@/ui/layout/say';

/**
 * The way from a plan to its bench: the batch that is being made, or a new one.
 * @param anew another batch, even where one is open
 */
export function useToBench(planId: string) {
  const router = useRouter();
  return useCallback(
    async ({ anew = false }: { anew?: boolean } = {}) => {
      const opened = await answered(startRun({ id: newId(), planId, anew }));
      if (opened.ok) router.push(`/runs/${opened.value}`);
      else if (opened.error === NO_ANSWER) {
        void sayTrouble(
          'No answer from the server. A batch that was opened before goes on without it.',
        );
      } else void sayTrouble(opened.error);
    },
    [planId, router],
  );
}
