import { Dialog } from "radix-ui";
import { type KeyboardEvent, type ReactNode, useState } from "react";

interface ModalProps {
  title: string;
  /** The title is for screen readers alone; what it says stands in the dialog itself. */
  bare?: boolean;
  /** What it is for, in a sentence. */
  says?: string;
  /** Its width, as a class. */
  width: string;
  onClose: () => void;
  /** Called before the focus goes back; it may send it elsewhere. */
  onCloseAutoFocus?: (event: Event) => void;
  onKeyDownCapture?: (event: KeyboardEvent) => void;
  children: ReactNode;
}

/** A slip that lies over everything until it is answered or laid aside. */
export function Modal(props: ModalProps) {
  const { title, bare, says, width, onClose, children } = props;
  const [before] = useState(document.activeElement);
  const giveBack = (event: Event) => {
    props.onCloseAutoFocus?.(event);
    if (event.defaultPrevented) return;
    event.preventDefault();
    if (before instanceof HTMLElement) before.focus();
  };
  return (
    <Dialog.Root open onOpenChange={(shown) => !shown && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-veil" />
        <Dialog.Content
          aria-describedby={says ? undefined : ""}
          onCloseAutoFocus={giveBack}
          onKeyDownCapture={props.onKeyDownCapture}
          className={`fixed top-16 left-1/2 z-50 flex max-h-[84vh] max-w-[94vw] -translate-x-1/2 flex-col border border-line bg-slip shadow-xl outline-none! ${bare ? "" : "p-5"} ${width}`}
        >
          <Dialog.Title className={bare ? "sr-only" : "font-bold text-lg"}>{title}</Dialog.Title>
          {says && (
            <Dialog.Description className="pb-3 text-[0.9375rem] text-flint">
              {says}
            </Dialog.Description>
          )}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
