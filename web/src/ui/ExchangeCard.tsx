import { Button } from "./controls";

/** What an exchange gives, as a player sees it. */
export interface SeenRow {
  id: string;
  gives: string;
  /** What is paid; null for nothing. */
  price: string | null;
  /** How often there is more; null for without limit. */
  left: number | null;
  /** Why it cannot be taken; null if it can. */
  lacks: string | null;
}

/** What players can get, and for what. */
export function ExchangeCard(props: {
  name: string;
  text: string;
  rows: readonly SeenRow[];
  onTake?: (id: string) => void;
  onLeave?: () => void;
}) {
  const { name, text, rows, onTake, onLeave } = props;
  return (
    <div className="max-h-[22rem] w-[35rem] max-w-full overflow-y-auto border border-line border-t-[3px] border-t-moss bg-slip px-4 py-3 text-left shadow">
      <div className="flex items-start gap-3">
        <p className="grow font-bold font-serif text-lg leading-snug">{name}</p>
        {onLeave && <Button onClick={onLeave}>Leave</Button>}
      </div>
      {text && <p className="whitespace-pre-line pb-1 font-serif">{text}</p>}
      {rows.length === 0 && <p className="text-quiet">There is nothing here.</p>}
      <ul className="divide-y divide-hairline pt-1">
        {rows.map(({ id, gives, price, left, lacks }) => (
          <li key={id} className="flex items-center gap-3 py-1.5">
            <span className="min-w-0 grow">
              <b>{gives}</b> <span>{price === null ? "for nothing" : `for ${price}`}</span>
              {left !== null && left > 0 && (
                <span className="text-quiet text-small"> · {left} left</span>
              )}
              {lacks !== null && <i className="text-quiet"> {lacks}</i>}
            </span>
            <Button
              disabled={lacks !== null || !onTake}
              aria-label={`Take ${gives}`}
              onClick={() => onTake?.(id)}
            >
              Take
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
