import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

/** A slip that lies over everything until it is answered or laid aside. */
export function Modal(props: {
  title: string;
  /** What it is for, in a sentence. */
  says: string;
  /** Its width, as a class. */
  width: string;
  onClose: () => void;
  children: ReactNode;
}) {
  const { title, says, width, onClose, children } = props;
  return (
    <Dialog.Root open onOpenChange={(shown) => !shown && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
        <Dialog.Content
          className={`fixed top-16 left-1/2 z-50 flex max-h-[84vh] -translate-x-1/2 flex-col border border-line bg-slip p-5 shadow-xl outline-none! ${width}`}
        >
          <Dialog.Title className="font-bold text-lg">{title}</Dialog.Title>
          <Dialog.Description className="pb-3 text-[15px] text-flint">{says}</Dialog.Description>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
