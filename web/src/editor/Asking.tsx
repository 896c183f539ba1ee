import { useEffect, useMemo } from "react";
import { useStore } from "zustand";
import { useShallow } from "zustand/react/shallow";
import { useDesk } from "../desk/desk";
import { useMission } from "../document/context";
import { wishDrawn, wishOf } from "./course/course";
import { useCourse } from "./course/useCourse";
import { useFooting } from "./footing";
import type { Hands } from "./hands";

/**
 * Asks the server about what the hands hold, and tells them what it answers: whether somebody could
 * stand there, and how the route under them would be gone along. It shows nothing.
 */
export function Asking({ hands }: { hands: Hands }): null {
  const mission = useMission((state) => state.mission);
  const tool = useDesk((desk) => desk.tool);
  const selection = useDesk((desk) => desk.selection);
  const { pointer, points, gesture } = useStore(
    hands.store,
    useShallow(({ pointer, points, gesture }) => ({ pointer, points, gesture })),
  );
  const { only, shown } = hands;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the hands read what they ask about from these
  const wish = useMemo(() => hands.wish, [hands, mission, tool, pointer, gesture]);
  const footing = useFooting(wish);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is selected alone follows from the selection
  const way = useMemo(
    () => (only && !tool ? wishOf(shown, only) : wishDrawn(tool, points, pointer)),
    [selection, tool, shown, points, pointer],
  );
  const course = useCourse(way);
  useEffect(() => hands.set({ footing }), [hands, footing]);
  useEffect(() => hands.set({ course }), [hands, course]);
  return null;
}
