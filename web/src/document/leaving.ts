type Work = () => void;

/** What is done before the page goes: first what is typed is taken, then what waits is kept. */
const first = new Set<Work>();
const then = new Set<Work>();

function leave(): void {
  for (const work of [...first]) work();
  for (const work of [...then]) work();
}

if (typeof window !== "undefined") {
  addEventListener("pagehide", leave);
  document.addEventListener("visibilitychange", () => document.hidden && leave());
}

/** Does something when the page goes or is hidden, until it is called off. */
export function beforeLeaving(work: Work): () => void {
  first.add(work);
  return () => first.delete(work);
}

/** Does something when the page goes or is hidden, after all that comes first. */
export function lastThing(work: Work): () => void {
  then.add(work);
  return () => then.delete(work);
}

/** Does something whenever somebody comes back to the page, or the network does. */
export function onWaking(work: Work): () => void {
  if (typeof window === "undefined") return () => {};
  addEventListener("focus", work);
  addEventListener("online", work);
  return () => {
    removeEventListener("focus", work);
    removeEventListener("online", work);
  };
}
