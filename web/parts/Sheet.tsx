import { partsText } from './text.en-GB.js';
import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useState, type FormEvent, type ReactNode } from 'react';

interface SheetProps {
  readonly title: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** What is typed outlives the sheet: nothing is lost by closing it. */
  readonly keepsDraft?: boolean;
  readonly children: ReactNode;
}

/** A leaf laid over the page for one small piece of paperwork. Never used while a fish is out of the water. */
export function Sheet({ title, open, onOpenChange, keepsDraft = false, children }: SheetProps) {
  const [typed, setTyped] = useState(false);
  const [asked, setAsked] = useState(false);
  const close = () => onOpenChange(false);
  // However it was closed, the next time it begins anew.
  const [wasOpen, setWasOpen] = useState(open);
  if (wasOpen !== open) {
    setWasOpen(open);
    setTyped(false);
    setAsked(false);
  }
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(opens) => {
        if (opens) onOpenChange(true);
        // Escape, a tap beside it and the cross may be slips: what would be lost by them is asked about once.
        else if (typed && !keepsDraft && !asked) setAsked(true);
        else close();
      }}
    >
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-[#0b0605b3]" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-10 max-h-[92dvh] overflow-auto rounded-t-xl bg-paper p-5 sm:inset-x-auto sm:top-1/2 sm:bottom-auto sm:left-1/2 sm:w-[34rem] sm:-translate-x-1/2 sm:-translate-y-1/2 sm:rounded-xl sm:p-7"
          onInput={(event) => {
            if (isText(event)) setTyped(true);
          }}
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Dialog.Title className="text-2xl">{title}</Dialog.Title>
            <Dialog.Close className="grid size-12 shrink-0 place-items-center rounded-md" aria-label={partsText.close}>
              <X size={22} aria-hidden />
            </Dialog.Close>
          </div>
          {asked && (
            <div role="alert" className="mb-4 flex flex-wrap items-center gap-3 border-l-4 border-rust pl-3">
              <span>{partsText.whatYouTypedHere}</span>
              <button type="button" className="button" onClick={() => setAsked(false)}>
                {partsText.keepWriting}
              </button>
              <button type="button" className="button" onClick={close}>
                {partsText.closeAndDiscard}
              </button>
            </div>
          )}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Whether something was typed, and not only chosen. */
function isText({ target }: FormEvent): boolean {
  if (target instanceof HTMLTextAreaElement) return true;
  return target instanceof HTMLInputElement && !['checkbox', 'radio', 'range', 'file'].includes(target.type);
}
