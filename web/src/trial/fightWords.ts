import type { Outcome, Player, Struck } from "./messages";

/** Why a blow or a shot missed, as the end of a sentence. */
const MISSED: Record<Outcome, string> = {
  hit: "",
  thing: "",
  empty: "",
  wide: "",
  far: ": too far away",
  moving: ": on the move",
  covered: ": behind cover",
};

/** What a player is told in words of a blow or a shot of theirs or at them; nothing of others'. */
export function fightWords({ by, at, outcome }: Struck, own: number, cast: Player[]): string {
  if (by !== own && at !== own) return "";
  const name = (unit: number) => cast[unit]?.name ?? "Somebody out of sight";
  if (by === own && outcome === "thing") return "You hit what stands before you";
  if (by === own && at < 0) return "You strike, but nobody is there";
  const [who, whom] = by === own ? ["You", name(at)] : [name(by), "you"];
  const verb = outcome === "hit" ? "hit" : "miss";
  const says = by === own ? verb : `${verb}${outcome === "hit" ? "s" : "es"}`;
  return `${who} ${says} ${whom}${MISSED[outcome]}`;
}
