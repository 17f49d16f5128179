'use client';

import {
  Archive,
  ArchiveRestore,
  Copy,
  Download,
  FileJson,
  EllipsisVertical,
  Pencil,
  Tag,
  Trash2,
  Undo2,
} from 'lucide-react';
import { useRouter } from 'next/navigation';
import { DropdownMenu } from 'radix-ui';
import { useRef, useState, type ReactNode } from 'react';
import { useAction } from '@/features/actions/useAction';
import { deleteForEver, duplicatePlan, shelvePlan } from '@/server/actions/plans';
import type { PlanShelf } from '@/server/repositories/plans';
import { AskOnce } from '@/ui/layout/AskOnce';
import { useIdFor } from './useIdFor';

export interface PlanMenuProps {
  readonly id: string;
  readonly name: string;
  readonly shelf: PlanShelf;
  /** From inside the plan: what takes it away goes back to the list. */
  readonly inside?: boolean;
  onRename?(): void;
  onTags?(): void;
  /** Everything typed is stored before anything is done. */
  before?(): Promise<void>;
}

/** What can be done with a whole plan, in the list and inside it. */
export default function PlanMenu(props: PlanMenuProps) {
  const { id, name, shelf, inside = false, onRename, onTags, before } = props;
  const router = useRouter();
  const idFor = useIdFor();
  const [asking, setAsking] = useState(false);
  /** What was picked opens something that takes the focus: it waits until the menu has let go of it. */
  const goesOn = useRef<(() => void) | null>(null);
  const { run } = useAction();
  const away = () => (inside ? router.push('/') : router.refresh());
  const move = async (to: PlanShelf, done: string) => {
    await before?.();
    await run(() => shelvePlan(id, to), {
      done: `${name}: ${done}`,
      undo: () => shelvePlan(id, shelf),
      then: away,
    });
  };
  const copy = async () => {
    await before?.();
    await run(() => duplicatePlan(id, idFor(id)), { then: (to) => router.push(`/plans/${to}`) });
  };
  const destroy = async () => {
    setAsking(false);
    await before?.();
    await run(() => deleteForEver(id), { done: `${name}: deleted for ever`, then: away });
  };
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          aria-label={`What to do with ${name}`}
          className={inside ? 'btn-slate' : 'btn-icon'}
        >
          <EllipsisVertical size={20} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            collisionPadding={10}
            className="popover min-w-[12rem] p-1"
            onCloseAutoFocus={(event) => {
              if (!goesOn.current) return;
              event.preventDefault();
              goesOn.current();
              goesOn.current = null;
            }}
          >
            {shelf !== 'deleted' && (
              <>
                {onRename && (
                  <Item
                    onSelect={() => {
                      goesOn.current = onRename;
                    }}
                    icon={<Pencil size={18} aria-hidden />}
                  >
                    Rename
                  </Item>
                )}
                {onTags && (
                  <Item
                    onSelect={() => {
                      goesOn.current = onTags;
                    }}
                    icon={<Tag size={18} aria-hidden />}
                  >
                    Tags
                  </Item>
                )}
                <Item onSelect={() => void copy()} icon={<Copy size={18} aria-hidden />}>
                  Duplicate
                </Item>
                <DropdownMenu.Item asChild>
                  <a className="menu-item" href={`/api/plans/${id}`} download>
                    <Download size={18} aria-hidden /> Save as a file
                  </a>
                </DropdownMenu.Item>
                <DropdownMenu.Item asChild>
                  <a className="menu-item" href={`/api/plans/${id}/recipe`} download>
                    <FileJson size={18} aria-hidden /> Save as recipe data
                  </a>
                </DropdownMenu.Item>
              </>
            )}
            {shelf === 'current' && (
              <Item
                onSelect={() => void move('archived', 'archived')}
                icon={<Archive size={18} aria-hidden />}
              >
                Archive
              </Item>
            )}
            {shelf !== 'current' && (
              <Item
                onSelect={() => void move('current', 'back among the plans')}
                icon={
                  shelf === 'archived' ? (
                    <ArchiveRestore size={18} aria-hidden />
                  ) : (
                    <Undo2 size={18} aria-hidden />
                  )
                }
              >
                Bring back
              </Item>
            )}
            {shelf !== 'deleted' && (
              <Item
                onSelect={() => void move('deleted', 'deleted')}
                icon={<Trash2 size={18} aria-hidden />}
              >
                Delete
              </Item>
            )}
            {(shelf === 'deleted' || inside) && (
              <Item
                onSelect={() => {
                  goesOn.current = () => setAsking(true);
                }}
                icon={<Trash2 size={18} aria-hidden />}
              >
                Delete for ever
              </Item>
            )}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {asking && (
        <AskOnce
          question={`Delete ${name} for ever?`}
          says="Its revisions and what was written in its log go with it. There is no way back."
          yes="Delete for ever"
          no="Keep it"
          onYes={() => void destroy()}
          onNo={() => setAsking(false)}
        />
      )}
    </>
  );
}

function Item({
  icon,
  onSelect,
  children,
}: {
  icon: ReactNode;
  onSelect(): void;
  children: ReactNode;
}) {
  return (
    <DropdownMenu.Item className="menu-item" onSelect={onSelect}>
      {icon} {children}
    </DropdownMenu.Item>
  );
}
