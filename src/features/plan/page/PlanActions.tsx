'use client';

import {
  CircleAlert,
  ClipboardList,
  CookingPot,
  History,
  Printer,
  Redo2,
  ShoppingBasket,
  Undo2,
} from 'lucide-react';
import { IconButton } from '@/ui/buttons/IconButton';
import { LatePlanMenu } from '../../plans/LatePlanMenu';
import { useEdit, useEditorState, usePlan } from '../editor/EditorContext';
import { SaveMark } from '../SaveMark';
import { useLeave } from './usePlanCommands';

/** What is at hand in the bar of a plan. */
export function PlanActions({ id }: { id: string }) {
  const { undo, redo, flush } = useEdit();
  const name = usePlan((plan) => plan.name);
  const canUndo = useEditorState((state) => state.canUndo);
  const canRedo = useEditorState((state) => state.canRedo);
  const leave = useLeave(id);
  return (
    <>
      <SaveMark />
      <IconButton on="slate" label="Undo" keys="Ctrl Z" resting={!canUndo} onClick={undo}>
        <Undo2 size={20} aria-hidden />
      </IconButton>
      <IconButton
        on="slate"
        label="Redo"
        keys="Ctrl Shift Z"
        className="max-sm:hidden"
        resting={!canRedo}
        onClick={redo}
      >
        <Redo2 size={20} aria-hidden />
      </IconButton>
      <IconButton
        on="slate"
        label="To the bench"
        keys="B"
        onClick={() => void leave('bench')}
        words
      >
        <CookingPot size={18} aria-hidden />
      </IconButton>
      <IconButton
        on="slate"
        label="Bench card"
        keys="C"
        className="max-sm:hidden"
        onClick={() => void leave('card')}
      >
        <Printer size={18} aria-hidden />
      </IconButton>
      <IconButton on="slate" label="Log" keys="L" onClick={() => void leave('log')}>
        <ClipboardList size={18} aria-hidden />
      </IconButton>
      <IconButton
        on="slate"
        label="Shopping list"
        keys="S"
        className="max-sm:hidden"
        onClick={() => void leave('shopping')}
      >
        <ShoppingBasket size={20} aria-hidden />
      </IconButton>
      <IconButton
        on="slate"
        label="Revisions"
        keys="R"
        className="max-sm:hidden"
        onClick={() => void leave('revisions')}
      >
        <History size={20} aria-hidden />
      </IconButton>
      <IconButton
        on="slate"
        label="What went wrong?"
        keys="W"
        className="max-sm:hidden"
        onClick={() => void leave('faults')}
      >
        <CircleAlert size={20} aria-hidden />
      </IconButton>
      <LatePlanMenu id={id} name={name} shelf="current" inside before={flush} />
    </>
  );
}
