'use client';

import { useEffect, useState } from 'react';
import { steadily } from '@/ui/layout/steadily';
import { useWorld } from './editor/EditorContext';

/** What fields are called, by their paths. The words are fetched when they are first needed. */
export function useFieldNames(paths: readonly string[]): readonly string[] {
  const { pantry } = useWorld();
  const [names, setNames] = useState<{ of: readonly string[]; are: readonly string[] } | null>(
    null,
  );
  useEffect(() => {
    if (paths.length === 0) return;
    let over = false;
    void steadily(() => import('./fieldNames')).then(({ fieldName }) => {
      if (!over) setNames({ of: paths, are: paths.map((path) => fieldName(path, pantry)) });
    });
    return () => {
      over = true;
    };
  }, [paths, pantry]);
  return names?.of === paths ? names.are : [];
}
