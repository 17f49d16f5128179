'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useMemo } from 'react';
import { STATIONS, type StationId } from '@/core/plan/stations';
import { useCommands, type Command } from '@/ui/commands/commands';
import { useEdit, useEditorState } from '../editor/EditorContext';
import { useToBench } from '../../bench/useToBench';
import { STATION_NAMES } from '../stationNames';

/** Ways from the plan to the pages that read the store: everything is sent first. */
export function useLeave(id: string) {
  const { flush } = useEdit();
  const router = useRouter();
  const toBench = useToBench(id);
  return useCallback(
    async (to: 'bench' | 'card' | 'log' | 'revisions' | 'shopping' | 'faults') => {
      await flush();
      if (to === 'bench') return toBench();
      if (to === 'faults') return router.push(`/faults?plan=${encodeURIComponent(id)}`);
      router.push(to === 'shopping' ? `/shopping?plans=${id}` : `/plans/${id}/${to}`);
    },
    [flush, id, router, toBench],
  );
}

/** What can be done with a plan by name or by key. */
export function usePlanCommands(id: string, go: (station: StationId) => void): void {
  const editor = useEdit();
  const canUndo = useEditorState((state) => state.canUndo);
  const canRedo = useEditorState((state) => state.canRedo);
  const leave = useLeave(id);
  const commands = useMemo<Command[]>(() => {
    const group = 'This plan';
    return [
      ...STATIONS.map((station, index) => ({
        id: `at-${station}`,
        label: STATION_NAMES[station],
        group: 'Stations',
        keys: String(index + 1),
        run: () => go(station),
      })),
      {
        id: 'undo',
        label: 'Undo',
        group,
        keys: 'mod+z',
        anywhere: true,
        disabled: !canUndo,
        run: editor.undo,
      },
      {
        id: 'redo',
        label: 'Redo',
        group,
        keys: 'shift+mod+z|mod+y',
        anywhere: true,
        disabled: !canRedo,
        run: editor.redo,
      },
      { id: 'bench', label: 'To the bench', group, keys: 'b', run: () => void leave('bench') },
      { id: 'card', label: 'Bench card', group, keys: 'c|mod+p', run: () => void leave('card') },
      { id: 'log', label: 'Log', group, keys: 'l', run: () => void leave('log') },
      {
        id: 'shopping',
        label: 'Shopping list',
        group,
        keys: 's',
        run: () => void leave('shopping'),
      },
      {
        id: 'faults',
        label: 'What went wrong?',
        group,
        keys: 'w',
        run: () => void leave('faults'),
      },
      { id: 'revisions', label: 'Revisions', group, keys: 'r', run: () => void leave('revisions') },
    ];
  }, [editor, go, leave, canRedo, canUndo]);
  useCommands(commands);
}
