import { isNarrowed, type Whom } from "./narrow";
import { PinnedToken, PlaceToken, RefToken } from "./tokens";

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
          <RefToken
            value={whom.zone}
            families={["zones"]}
            take={(zone) => take({ ...whom, zone })}
          />
        </>
      );
    case "within":
      return (
        <>
          {inner}
          <span>within</span>
          <PinnedToken
            label="distance"
            unit="m"
            least={0.1}
            most={50000}
            value={whom.distance}
            take={(distance) => take({ ...whom, distance })}
          />
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
