'use client';

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { matchesKeys } from './keys';

/** Something the user can do by name, and perhaps by key. */
export interface Command {
  readonly id: string;
  readonly label: string;
  readonly group: string;
  /** `1`, `?`, `mod+z`, `shift+mod+z`; mod is Ctrl, or Command on a Mac. */
  readonly keys?: string;
  readonly disabled?: boolean;
  /** It is about the whole page: works inside its fields too, where they have nothing of their own to say. */
  readonly anywhere?: boolean;
  run(): void;
}

interface CommandsValue {
  readonly commands: readonly Command[];
  setSingleKeys(on: boolean): void;
  register(owner: symbol, commands: readonly Command[]): () => void;
}

const Context = createContext<CommandsValue | null>(null);

const FIELDS =
  'textarea, select, input:not([type=radio]):not([type=checkbox]), [contenteditable=true]';

/** Controls that take letters or digits for themselves. */
const TAKES_LETTERS = `${FIELDS}, [role=slider], [role=menu], [role=listbox], [role=combobox]`;

/** A field with nothing typed that is not taken yet: undo there is the plan's own. */
const NOTHING_TYPED = '[data-undo=plan]';

/** Whether a command may run by a key pressed here. */
function mayRun({ keys, anywhere }: Command, event: KeyboardEvent, singleKeys: boolean): boolean {
  if (keys === 'mod+k') return true;
  // A dialog on top has the keyboard.
  if (document.querySelector('[role="dialog"][data-state="open"]')) return false;
  const here = event.target instanceof Element ? event.target : null;
  if (!event.ctrlKey && !event.metaKey) return singleKeys && !here?.closest(TAKES_LETTERS);
  const field = here?.closest(FIELDS);
  return !field || (anywhere === true && field.matches(NOTHING_TYPED));
}

/** Gathers the commands of all that is on the page and runs them by key. */
export function CommandsProvider({ children }: { children: ReactNode }) {
  const [owners, setOwners] = useState<ReadonlyMap<symbol, readonly Command[]>>(new Map());
  const register = useCallback((owner: symbol, commands: readonly Command[]) => {
    setOwners((before) => new Map(before).set(owner, commands));
    return () =>
      setOwners((before) => {
        const after = new Map(before);
        after.delete(owner);
        return after;
      });
  }, []);
  const commands = useMemo(() => [...owners.values()].flat(), [owners]);
  const latest = useRef(commands);
  const single = useRef(true);
  const setSingleKeys = useCallback((on: boolean) => {
    single.current = on;
  }, []);
  // Before the page is seen: a key pressed at first sight is not lost.
  useLayoutEffect(() => {
    latest.current = commands;
  }, [commands]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented) return;
      const found = latest.current.find(
        (command) => command.keys && !command.disabled && matchesKeys(command.keys, event),
      );
      if (!found || !mayRun(found, event, single.current)) return;
      event.preventDefault();
      found.run();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const value = useMemo(
    () => ({ commands, register, setSingleKeys }),
    [commands, register, setSingleKeys],
  );
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

/** Offers commands for as long as the component is there. Memoise the list. */
export function useCommands(commands: readonly Command[]): void {
  const register = useContext(Context)?.register;
  const [owner] = useState(() => Symbol('commands'));
  useLayoutEffect(() => register?.(owner, commands), [register, owner, commands]);
}

/** Turns keys without Ctrl on or off. */
export function useSingleKeys(on: boolean): void {
  const set = useContext(Context)?.setSingleKeys;
  useEffect(() => set?.(on), [set, on]);
}

/** Every command offered now. */
export const useAllCommands = (): readonly Command[] => useContext(Context)?.commands ?? [];
