import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo, useRef } from "react";
import { type Finding, getJson, type Severity } from "../document/api";
import { part } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { steps } from "../document/patch";
import type { OpenMission } from "../document/store";
import { sure } from "../document/sure";
import { useGround } from "../document/useRaster";
import { Button } from "../ui/controls";
import { useSettled } from "../ui/useSettled";

/** How long nothing is changed before findings are asked for again, milliseconds. */
const PAUSE = 500;

/** The findings about the mission as the server has it. */
export function useFindings(): Finding[] {
  const id = useMission((state) => state.id);
  const revision = useSettled(
    useMission((state) => state.revision),
    PAUSE,
  );
  // What is found reads the whole ground; the map comes first.
  const here = useGround().data !== undefined;
  const { data } = useQuery({
    enabled: here,
    queryKey: ["checks", id, revision],
    queryFn: ({ signal }) => getJson<Finding[]>(`/api/missions/${id}/checks`, signal),
    placeholderData: keepPreviousData,
  });
  return data ?? NONE;
}

const NONE: Finding[] = [];

/** What stands before a finding. */
export const SEVERITY_WORDS: Record<Severity, string> = {
  error: "Error.",
  warning: "Warning.",
  hint: "Hint.",
};

const RANKS = Object.keys(SEVERITY_WORDS);

/** The findings that matter most first, else in the order in which they were found. */
export function graveFirst(findings: Finding[]): Finding[] {
  return findings.toSorted(
    (one, other) => RANKS.indexOf(one.severity) - RANKS.indexOf(other.severity),
  );
}

/** The keys of the things about which there are findings; the same set until they change. */
export function useFlagged(): ReadonlySet<string> {
  const findings = useFindings();
  const last = useRef<ReadonlySet<string>>(new Set());
  return useMemo(() => {
    const names = findings.flatMap(({ thing }) => (thing ? [`${thing.family}/${thing.id}`] : []));
    const flagged = new Set(names);
    const same = flagged.size === last.current.size && names.every((it) => last.current.has(it));
    if (!same) last.current = flagged;
    return last.current;
  }, [findings]);
}

/** Mends what was found, as one edit. */
function mend(open: OpenMission, { fix }: Finding): void {
  if (!fix) return;
  open.edit(fix.word, (draft) => {
    for (const { pointer, value } of fix.changes) {
      const path = steps(pointer);
      const holder = part<Record<string, unknown>>(draft, path.slice(0, -1));
      const last = sure(path, path.length - 1);
      if (value === null) delete holder[last];
      else holder[last] = value;
    }
  });
}

/** The button that mends what was found; nothing where it takes a decision. */
export function FixButton({ finding }: { finding: Finding }) {
  const open = useOpenMission();
  if (!finding.fix) return null;
  return (
    <Button className="min-h-7! px-2" onClick={() => mend(open, finding)}>
      {finding.fix.word}
    </Button>
  );
}
