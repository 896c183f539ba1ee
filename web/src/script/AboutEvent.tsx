import { useFindings } from "../checks/findings";
import { useDesk } from "../desk/desk";
import { FAMILY_WORDS, key, type Mission, nameOf, type Ref, references } from "../document/mission";
import { useFiredWords } from "./RunRibbon";

/** What an event reads and names, what is found about it, and when it last fired. */
export function AboutEvent({ mission, event }: { mission: Mission; event: string | null }) {
  const findings = useFindings().filter(
    ({ thing }) => thing?.family === "events" && thing.id === event,
  );
  const light = useDesk((desk) => desk.light);
  const fired = useFiredWords(event ?? "");
  const of = event ? mission.events[event] : undefined;
  if (!of) return <p className="p-3 text-quiet">Select an event to see what it reads and sets.</p>;
  const reads = unique(references(of.when));
  const sets = unique(references(of.actions));
  const list = (title: string, refs: Ref[]) =>
    refs.length > 0 && (
      <section className="border-hairline border-b px-3 py-2.5">
        <h3 className="pb-1 font-bold font-sans text-small text-flint">{title}</h3>
        {refs.map((ref) => (
          <p
            key={key(ref)}
            className="flex justify-between gap-2"
            onPointerEnter={() => light(key(ref))}
            onPointerLeave={() => light(null)}
          >
            <span className="truncate font-semibold">{nameOf(mission, ref)}</span>
            <span className="shrink-0 text-small text-quiet">{FAMILY_WORDS[ref.family]}</span>
          </p>
        ))}
      </section>
    );
  return (
    <>
      <h2 className="px-3 pt-2.5 pb-1 font-bold">{of.name}</h2>
      {fired && <p className="px-3 pb-2 text-small text-flint">It {fired}.</p>}
      {findings.map(({ says, pointer }) => (
        <p key={pointer} className="mx-3 mb-2 border-error border-l-3 bg-error-soft p-2 text-small">
          ⚑ {says}
        </p>
      ))}
      {list("This event reads", reads)}
      {list("and names in what it does", sets)}
    </>
  );
}

function unique(found: { ref: Ref }[]): Ref[] {
  return [...new Map(found.map(({ ref }) => [key(ref), ref])).values()].filter(
    ({ id }) => id !== "",
  );
}
