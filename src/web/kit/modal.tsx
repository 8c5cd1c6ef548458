import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { type ReactNode, useRef } from 'react';
import { focusFirst, giveBack, givesBack } from './focus.ts';

interface ModalProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly wide?: boolean;
  /** As high as the page, for what is a page of its own. */
  readonly full?: boolean;
}

/**
 * A dialog over the page; Escape and a press outside close it. It opens on its first field (by touch on its heading, so
 * that no keyboard jumps up) and gives the focus back to what opened it.
 */
export function Modal({ title, onClose, children, wide = false, full = false }: ModalProps) {
  const heading = useRef<HTMLHeadingElement>(null);
  const opener = useRef<HTMLElement | null | undefined>(undefined);
  // What opened it has the focus while this is drawn for the first time.
  if (opener.current === undefined) opener.current = givesBack(document.activeElement);
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(e) => {
            e.preventDefault();
            focusFirst(e.currentTarget as HTMLElement, heading.current);
          }}
          onCloseAutoFocus={(e) => {
            e.preventDefault();
            giveBack(opener.current ?? null);
          }}
          className={`panel fixed top-2 left-1/2 z-50 max-h-[calc(100dvh-1rem)] w-[calc(100vw-1rem)] -translate-x-1/2 overflow-auto p-5 pt-0 sm:top-1/2 sm:max-h-[92dvh] sm:-translate-y-1/2 ${full ? 'h-[calc(100dvh-1rem)] max-w-5xl sm:h-[92dvh]' : wide ? 'max-w-4xl' : 'max-w-xl'}`}
        >
          <div className="sticky top-0 z-10 mb-3 flex items-start justify-between gap-4 bg-sheet pt-5 pb-1">
            <Dialog.Title ref={heading} tabIndex={-1} className="text-2xl">
              {title}
            </Dialog.Title>
            <Dialog.Close className="btn btn-plain btn-small -mt-1 -mr-2" aria-label="Close">
              <X size={20} aria-hidden="true" />
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
