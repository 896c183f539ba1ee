import { measured } from "../model/units";
import { NumberBox } from "../ui/controls";
import { isNarrowed, type Whom } from "./narrow";
import { Token } from "./Picker";
import { PlaceToken, RefToken } from "./Sentence";

/** Where those have to stand who are meant, and who of them comes first. */
export function NarrowTokens({ whom, take }: { whom: Whom; take: (whom: Whom) => void }) {
  if (!isNarrowed(whom)) return null;
  const inner = <NarrowTokens whom={whom.of} take={(of) => take({ ...whom, of })} />;
  switch (whom.type) {
    case "inside":
      return (
        <>
          {inner}
          <span>inside</span>
          <RefToken value={whom.zone} family="zones" take={(zone) => take({ ...whom, zone })} />
        </>
      );
    case "within":
      return (
        <>
          {inner}
          <span>within</span>
          <Metres value={whom.distance} take={(distance) => take({ ...whom, distance })} />
          <span>of</span>
          <PlaceToken value={whom.place} take={(place) => take({ ...whom, place })} />
        </>
      );
    default:
      return (
        <>
          {inner}
          <span className="-ml-1">
            , {whom.type === "nearest" ? "nearest to" : "farthest from"}
          </span>
          <PlaceToken value={whom.place} take={(place) => take({ ...whom, place })} />
          <span>first</span>
        </>
      );
  }
}

function Metres({ value, take }: { value: number; take: (value: number) => void }) {
  const words = measured(value, "m", 3);
  return (
    <Token
      look="value"
      label={`distance: ${words}`}
      content={(close) => (
        <div className="p-2.5">
          <NumberBox
            label="distance"
            unit="m"
            least={0.1}
            most={50000}
            value={value}
            autoFocus
            onTake={(to) => {
              take(to);
              close();
            }}
          />
        </div>
      )}
    >
      {words}
    </Token>
  );
}
