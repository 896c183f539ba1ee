import { familiesWith, traitsOf } from "../families";

/** The families that are printed thing by thing, those that lie lowest first. */
export const PRINTED = familiesWith(({ printed }) => printed).sort(
  (a, b) => (traitsOf(a)?.printed?.at ?? 0) - (traitsOf(b)?.printed?.at ?? 0),
);
