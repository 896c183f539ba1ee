import { ArrowDown, ArrowUp, Plus, Trash2 } from "lucide-react";
import { removeAll } from "../deeds/deeds";
import { append, drop, type Path, put, shift } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  type Exchange,
  type ExchangeRow,
  type Mission,
  nameOf,
  ordered,
  pinnedOf,
} from "../document/mission";
import { type PhraseBook, usePhrases } from "../document/phrases";
import { Chosen } from "../sentence/Chosen";
import { Tree } from "../sentence/ConditionTree";
import { Button, NumberBox, TextBox } from "../ui/controls";
import { ExchangeCard, type SeenRow } from "../ui/ExchangeCard";

/** The most rows of an exchange. */
const MOST = 24;

/** An exchange: what players read, what they get for what, and how they see it. */
export function ExchangeSlip({ id, exchange }: { id: string; exchange: Exchange }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const phrases = usePhrases();
  const path = ["exchanges", id];
  const label = `Change ${exchange.name}`;
  const rows = ordered(exchange.rows);
  const add = () => {
    const item = Object.keys(mission.itemKinds)[0] ?? "";
    const items = { count: pinnedOf(1), item: { family: "itemKinds" as const, id: item } };
    append(open, `Add a row to ${exchange.name}`, [...path, "rows"], {
      gives: { type: "items", ...items },
      price: { type: "nothing" },
      stock: 1,
      when: { type: "all", parts: {} },
      refusal: "",
    });
  };
  return (
    <article
      id={`card-${id}`}
      aria-label={exchange.name}
      className="border border-line bg-slip p-3 shadow-sm"
    >
      <div className="flex items-center gap-2 pb-2">
        <TextBox
          label="Name of the exchange"
          value={exchange.name}
          maxLength={60}
          required
          onTake={(name) => put(open, `Rename to ${name}`, [...path, "name"], name)}
        />
        <Button
          look="quiet"
          aria-label={`Delete ${exchange.name}`}
          onClick={() =>
            open.edit(`Delete ${exchange.name}`, (draft) =>
              removeAll(draft, [{ family: "exchanges", id }]),
            )
          }
        >
          <Trash2 size="0.9375rem" />
        </Button>
      </div>
      <TextBox
        label={`What is read above ${exchange.name}`}
        placeholder="What players read above it"
        value={exchange.text}
        maxLength={200}
        onTake={(text) => put(open, label, [...path, "text"], text)}
      />
      <ol className="pt-2">
        {rows.map(([row, of], i) => (
          <Row
            key={row}
            path={[...path, "rows", row]}
            row={of}
            number={i + 1}
            label={label}
            phrases={phrases}
          />
        ))}
      </ol>
      <Button className="mt-1" disabled={rows.length >= MOST} onClick={add}>
        <Plus size="0.875rem" /> Add a row
      </Button>
      <p className="pt-2 text-quiet text-small">
        A use of a fixture or a dealing opens it (“opens the exchange …”), or the Brief does as
        players begin. It closes as they walk off.
      </p>
      <figure className="mt-2 border-hairline border-t pt-2">
        <figcaption className="pb-1 text-quiet text-small">As players see it</figcaption>
        <ExchangeCard
          name={exchange.name}
          text={exchange.text}
          rows={rows.map(([row, of]) => seen(mission, row, of))}
        />
      </figure>
    </article>
  );
}

/** One row: what is given for what, how often, and while what holds. */
function Row(props: {
  path: Path;
  row: ExchangeRow;
  number: number;
  label: string;
  phrases: PhraseBook | undefined;
}) {
  const { path, row, number, label, phrases } = props;
  const open = useOpenMission();
  const conditional = !("parts" in row.when) || Object.keys(row.when.parts).length > 0;
  return (
    <li aria-label={`Row ${number}`} className="border-hairline border-t py-1.5">
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
        <b className="w-4 shrink-0 text-right">{number}</b>
        {phrases && (
          <>
            <Chosen entries={phrases.goods} path={[...path, "gives"]} label={label} />
            <span>for</span>
            <Chosen entries={phrases.prices} path={[...path, "price"]} label={label} />
          </>
        )}
        <span className="flex items-center gap-1">
          {row.stock === 0 ? "any number of" : "at most"}
          <div className="w-28">
            <NumberBox
              label={`How often row ${number} is given`}
              unit="times"
              least={0}
              most={1000000}
              digits={0}
              value={row.stock}
              onTake={(to) => put(open, label, [...path, "stock"], Math.round(to))}
            />
          </div>
        </span>
        <div className="ml-auto flex shrink-0">
          <Button
            look="quiet"
            className="px-1"
            aria-label={`Row ${number} up`}
            onClick={() => shift(open, label, path, -1)}
          >
            <ArrowUp size="0.875rem" />
          </Button>
          <Button
            look="quiet"
            className="px-1"
            aria-label={`Row ${number} down`}
            onClick={() => shift(open, label, path, 1)}
          >
            <ArrowDown size="0.875rem" />
          </Button>
          <Button
            look="quiet"
            className="px-1"
            aria-label={`Delete row ${number}`}
            onClick={() => drop(open, label, path)}
          >
            <Trash2 size="0.875rem" />
          </Button>
        </div>
      </div>
      {phrases && (
        <div className="pl-6">
          <Tree
            condition={row.when}
            path={[...path, "when"]}
            label={label}
            phrases={phrases}
            lead={conditional ? "can be had when" : "can always be had, or only when"}
          />
          {conditional && (
            <TextBox
              label={`What is read while row ${number} cannot be had`}
              placeholder="Why not, as players read it; left empty, the row is left out"
              value={row.refusal}
              maxLength={120}
              onTake={(refusal) => put(open, label, [...path, "refusal"], refusal)}
            />
          )}
        </div>
      )}
    </li>
  );
}

/** A row as players see it; one with a refusal as it is while it cannot be had. */
function seen(mission: Mission, id: string, row: ExchangeRow): SeenRow {
  const { gives, price, stock, refusal } = row;
  return {
    id,
    gives: goodsWords(mission, gives),
    price: price.type === "nothing" ? null : goodsWords(mission, price),
    left: stock === 0 ? null : stock,
    lacks: refusal.trim() === "" ? null : refusal,
  };
}

function goodsWords(
  mission: Mission,
  of: ExchangeRow["gives"] | Exclude<ExchangeRow["price"], { type: "nothing" }>,
): string {
  if (of.type === "people") return nameOf(mission, of.who);
  const name = nameOf(mission, of.type === "items" ? of.item : of.counter);
  return of.count.value === 1 ? name : `${of.count.value} × ${name}`;
}
