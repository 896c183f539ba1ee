import type { useOpenMission } from "../document/context";
import {
  type Family,
  freshName,
  key,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  ordered,
  pinnedOf,
  type Ref,
  standing,
  type WavePlan,
  wordsOf,
} from "../document/mission";
import { sure } from "../document/sure";
import { edgeStyle } from "../drawing/inks";
import { ThingIcon } from "../things/ThingIcon";
import type { Option } from "./Picker";

/** Things of some families to choose from. */
export function thingOptions(
  mission: Mission,
  families: Family[],
  among?: Set<string> | undefined,
): Option[] {
  return families.flatMap((family) =>
    Object.keys(mission[family])
      .filter((id) => !among || among.has(id))
      .map((id) => {
        const ref = { family, id };
        return {
          value: key(ref),
          word: nameOf(mission, ref),
          icon: <ThingIcon key={id} thing={ref} />,
          ...(family === "answers" && { group: choiceOf(mission, id) }),
        };
      }),
  );
}

/** What is asked by the choice of an answer. */
function choiceOf(mission: Mission, answer: string): string {
  return nameOf(mission, sure(mission.answers, answer).choice);
}

/** The colour that a thing is edged with. */
export function edgeOf(mission: Mission, ref: Ref): string | undefined {
  if (ref.family === "zones") {
    const zone = mission.zones[ref.id];
    return zone && edgeStyle(zone.hue);
  }
  if (ref.family === "sides") {
    const side = mission.sides[ref.id];
    return side && `var(--color-${side.colour})`;
  }
  if (ref.family !== "units" && ref.family !== "starts") return undefined;
  const side = standing(mission, ref)?.side;
  return side && `var(--color-${side.colour})`;
}

/** What is said on the button that makes one of a family. */
export const MADE_HERE: Partial<Record<Family, string>> = {
  labels: "New label",
  flags: "New flag",
  counters: "New counter",
  timers: "New timer",
  calls: "New call",
  choices: "New choice",
  exchanges: "New exchange",
  speakers: "New speaker",
  conversations: "New conversation",
  objectives: "New objective",
  endings: "New ending",
  purposes: "New purpose",
  looks: "New look",
  wavePlans: "New wave plan",
};

/** The most letters of the name of a thing. */
const LONGEST_NAME = 60;

/** Adds an answer to a choice. */
export function addAnswer(draft: Mission, choice: string, words: string): void {
  draft.answers[newId()] = {
    name: words,
    order: orderAfter(answersOf(draft, choice)),
    choice: { family: "choices", id: choice },
    when: { type: "all", parts: {} },
    refusal: "",
  };
}

/** The answers to a choice, by id. */
export function answersOf(mission: Mission, choice: string): Mission["answers"] {
  return Object.fromEntries(
    Object.entries(mission.answers).filter(([, it]) => it.choice.id === choice),
  );
}

/** Makes a thing of the script, named by itself. */
export function makeNew(
  open: ReturnType<typeof useOpenMission>,
  family: Family,
  id: string,
  called = "",
): void {
  open.edit(MADE_HERE[family] ?? "New thing", (draft) => {
    if (family === "flags")
      draft.flags[id] = {
        name: freshName(draft.flags, "Flag"),
        on: false,
        of: { type: "mission" },
      };
    if (family === "labels") {
      const name = freshName(draft.labels, "Label");
      draft.labels[id] = { name, order: orderAfter(draft.labels), things: {} };
    }
    if (family === "purposes") draft.purposes[id] = { name: freshName(draft.purposes, "Purpose") };
    if (family === "looks") draft.looks[id] = { name: freshName(draft.looks, "Look") };
    if (family === "counters") {
      draft.counters[id] = {
        name: freshName(draft.counters, "Counter"),
        value: pinnedOf(0),
        of: { type: "mission" },
      };
    }
    if (family === "calls") {
      const name = freshName(draft.calls, "Call");
      draft.calls[id] = {
        name,
        order: orderAfter(draft.calls),
        offered: true,
        from: { type: "anywhere" },
        times: 0,
        pause: 0,
      };
    }
    if (family === "choices") {
      const name = freshName(draft.choices, "Choice");
      draft.choices[id] = {
        name,
        order: orderAfter(draft.choices),
        text: wordsOf(""),
        decides: "first",
        limit: pinnedOf(0),
        fallback: { type: "nothing" },
        waits: false,
      };
      for (const words of ["Yes.", "No."]) addAnswer(draft, id, words);
    }
    if (family === "exchanges") {
      const name = freshName(draft.exchanges, "Exchange");
      draft.exchanges[id] = { name, order: orderAfter(draft.exchanges), text: "", rows: {} };
    }
    if (family === "speakers") {
      const name = freshName(draft.speakers, "Speaker");
      const order = orderAfter(draft.speakers);
      const side = { family: "sides" as const, id: ordered(draft.sides)[0]?.[0] ?? "" };
      const portrait = { head: "round", hat: "none", hair: "none" } as const;
      draft.speakers[id] = { name, order, side, body: { type: "elsewhere" }, portrait, pace: 150 };
    }
    if (family === "conversations") {
      const name = freshName(draft.conversations, "Conversation");
      const order = orderAfter(draft.conversations);
      draft.conversations[id] = { name, order, weight: "story", lines: {} };
    }
    if (family === "wavePlans") {
      const name = freshName(draft.wavePlans, "Waves");
      const order = orderAfter(draft.wavePlans);
      const plan = { name, order, placing: "inTurn", cap: { type: "uncapped" }, entrances: {} };
      draft.wavePlans[id] = plan as WavePlan;
    }
    if (family === "timers") {
      const name = freshName(draft.timers, "Timer");
      draft.timers[id] = {
        name,
        seconds: pinnedOf(60),
        counts: "down",
        running: false,
        shown: true,
      };
    }
    if (family === "objectives") {
      const name = freshName(draft.objectives, "Objective");
      const order = orderAfter(draft.objectives);
      const none = () => ({ type: "all" as const, parts: {} });
      draft.objectives[id] = {
        name,
        order,
        text: wordsOf(""),
        rank: "primary",
        open: false,
        opens: none(),
        done: none(),
        fails: none(),
        tally: { type: "nothing" },
        points: { type: "nowhere" },
      };
    }
    if (family === "endings") {
      const name = freshName(draft.endings, "Ending");
      const order = orderAfter(draft.endings);
      const won = Object.values(draft.endings).some(({ outcome }) => outcome === "won");
      const outcome = won ? "lost" : "won";
      draft.endings[id] = { name, order, outcome, delay: pinnedOf(3), debriefing: wordsOf("") };
    }
    const things = draft[family] as unknown as Record<string, { name: string }>;
    if (called) sure(things, id).name = freshName(things, called.slice(0, LONGEST_NAME));
  });
}
