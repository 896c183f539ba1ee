/** Tabs stand on a line, tightly or with room, or are blocks, with a frame each or filling a row. */
const LOOKS = {
  line: {
    row: "flex border-hairline border-b",
    tab: "-mb-px min-h-10 border-transparent border-b-3 px-4 text-flint hover:bg-black/5 aria-selected:border-moss aria-selected:font-bold aria-selected:text-ink",
  },
  tight: {
    row: "flex",
    tab: "min-h-7 whitespace-nowrap border-transparent border-b-2 px-1 text-[13px] text-flint hover:bg-black/5 aria-selected:border-moss aria-selected:font-bold aria-selected:text-ink",
  },
  blocks: {
    row: "flex gap-1",
    tab: "min-h-8 border border-line bg-slip px-3 font-semibold aria-selected:border-flint aria-selected:bg-flint aria-selected:text-white",
  },
  filling: {
    row: "flex gap-1 border-line border-b p-1.5",
    tab: "min-h-7 grow px-2 font-semibold hover:bg-black/5 aria-selected:bg-flint aria-selected:text-white",
  },
};

interface TabListProps<T extends string> {
  /** Says to a screen reader what the tabs choose between. */
  label: string;
  look: keyof typeof LOOKS;
  tabs: readonly { readonly tab: T; readonly word: string }[];
  /** The tab that is open; null while something else than a tab is shown. */
  open: T | null;
  onOpen: (tab: T) => void;
}

/** Tabs of which one is open. */
export function TabList<T extends string>({ label, look, tabs, open, onOpen }: TabListProps<T>) {
  return (
    <div role="tablist" aria-label={label} className={LOOKS[look].row}>
      {tabs.map(({ tab, word }) => (
        <button
          key={tab}
          type="button"
          role="tab"
          aria-selected={tab === open}
          onClick={() => onOpen(tab)}
          className={LOOKS[look].tab}
        >
          {word}
        </button>
      ))}
    </div>
  );
}
