'use client';

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
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
  run(): void;
}

interface CommandsValue {
  readonly commands: readonly Command[];
  register(owner: symbol, commands: readonly Command[]): () => void;
}

const Context = createContext<CommandsValue | null>(null);

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ['TEXTAREA', 'SELECT'].includes(target.tagName) ||
    // A ticked box or a chosen one takes no letters.
    (target instanceof HTMLInputElement && !['radio', 'checkbox'].includes(target.type)));

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
  useEffect(() => {
    latest.current = commands;
  }, [commands]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented) return;
      const found = latest.current.find(
        (command) => command.keys && !command.disabled && matchesKeys(command.keys, event),
      );
      // Inside a field its own keys come first, undo among them; the palette opens from anywhere.
      if (!found || (typing(event.target) && found.keys !== 'mod+k')) return;
      // A dialog on top has the keyboard.
      if (document.querySelector('[role="dialog"][data-state="open"]') && found.keys !== 'mod+k')
        return;
      event.preventDefault();
      found.run();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const value = useMemo(() => ({ commands, register }), [commands, register]);
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

/** Offers commands for as long as the component is there. Memoise the list. */
export function useCommands(commands: readonly Command[]): void {
  const register = useContext(Context)?.register;
  const [owner] = useState(() => Symbol('commands'));
  useEffect(() => register?.(owner, commands), [register, owner, commands]);
}

/** Every command offered now. */
export const useAllCommands = (): readonly Command[] => useContext(Context)?.commands ?? [];
