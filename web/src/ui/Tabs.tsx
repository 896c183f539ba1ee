import { Tabs as Radix } from "radix-ui";
import type { ReactNode } from "react";

/** Tabs stand on a line, tightly or with room, or are blocks, with a frame each or filling a row. */
const LOOKS = {
  line: {
    row: "flex border-hairline border-b",
    tab: "-mb-px min-h-10 border-transparent border-b-3 px-4 text-flint hover:bg-hover data-[state=active]:border-moss data-[state=active]:font-bold data-[state=active]:text-ink",
  },
  tight: {
    row: "flex min-w-0 flex-wrap",
    tab: "min-h-7 whitespace-nowrap border-transparent border-b-2 px-1 text-small text-flint hover:bg-hover data-[state=active]:border-moss data-[state=active]:font-bold data-[state=active]:text-ink",
  },
  blocks: {
    row: "flex flex-wrap",
    tab: "-ml-px min-h-8 first:ml-0 whitespace-nowrap border border-line bg-slip px-2 font-semibold data-[state=active]:border-flint data-[state=active]:bg-flint data-[state=active]:text-on-ink",
  },
  filling: {
    row: "flex gap-1 border-line border-b p-1.5",
    tab: "min-h-7 grow px-2 font-semibold hover:bg-hover data-[state=active]:bg-flint data-[state=active]:text-on-ink",
  },
};

/** A page of which one of several panels is open; the list of tabs and the panels stand in it. */
export function Tabs<T extends string>(props: {
  /** The tab that is open; null while something else than a tab is shown. */
  open: T | null;
  onOpen: (tab: T) => void;
  className?: string;
  children: ReactNode;
}) {
  const { open, onOpen, className, children } = props;
  return (
    <Radix.Root
      value={open ?? ""}
      onValueChange={(tab) => onOpen(tab as T)}
      activationMode="manual"
      className={className}
    >
      {children}
    </Radix.Root>
  );
}

interface TabListProps {
  /** Says to a screen reader what the tabs choose between. */
  label: string;
  look: keyof typeof LOOKS;
  tabs: readonly { readonly tab: string; readonly word: string }[];
}

/** The tabs themselves; arrows go from one to the next. */
export function TabList({ label, look, tabs }: TabListProps) {
  return (
    <Radix.List aria-label={label} className={LOOKS[look].row}>
      {tabs.map(({ tab, word }) => (
        <Radix.Trigger key={tab} value={tab} className={LOOKS[look].tab}>
          {word}
        </Radix.Trigger>
      ))}
    </Radix.List>
  );
}

/** What a tab shows; only that of the open tab is there. */
export function TabPanel(props: { tab: string; className?: string; children: ReactNode }) {
  return (
    <Radix.Content value={props.tab} className={`outline-none ${props.className ?? ""}`}>
      {props.children}
    </Radix.Content>
  );
}
