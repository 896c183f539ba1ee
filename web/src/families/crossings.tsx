import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import type { Crossing } from "../document/mission";
import { lengthOf } from "../document/shapes";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { drawCrossings } from "../drawing/crossings";
import { PRINT } from "../drawing/printed";
import { Choice, Field, Group, Tick } from "../ui/controls";
import { Amount, LevelChoice, OneOf } from "./fields";
import { asSetDown, ENDS, eachPrinted, type FieldsProps, only, SPAN, type Traits } from "./traits";

const MANNERS: { value: Crossing["manner"]; word: string }[] = [
  { value: "leap", word: "A leap" },
  { value: "climb", word: "A climb" },
  { value: "drop", word: "A drop" },
  { value: "crawl", word: "A crawl" },
  { value: "wade", word: "A ford" },
];

const VERBS = {
  leap: "leap over",
  climb: "climb",
  drop: "drop down",
  crawl: "crawl through",
  wade: "wade through",
};

const USERS: { value: Crossing["open"]; word: string }[] = [
  { value: "everybody", word: "Everybody on foot" },
  { value: "players", word: "Players only" },
  { value: "ai", word: "AI only" },
];

const WHOM = { everybody: "all on foot", players: "players alone", ai: "AI alone" };

const END_WORDS = { from: "From", to: "To" };

/** Where one leaps, climbs, drops, crawls or wades. */
export const crossings: Traits<"crossings"> = {
  heading: "Crossings",
  sign: "M2 15L6 15L6 9M16 15L12 15L12 9M5 7Q9 1 13 6M13 6L9.8 5.6M13 6L13.2 2.8",
  setDown: {
    at: 8,
    tray: only("Places", "Crossing", "leap jump gap ladder climb rope drop crawl duct ford wade"),
    drawn: () => ({ least: 2, most: 2 }),
    fresh: ({ at: [from, to = from], levelAt }) => ({
      name: "Crossing",
      manner: "climb",
      from,
      to,
      fromLevel: levelAt(from),
      toLevel: levelAt(to),
      back: true,
      takes: { type: "asLong" },
      open: "everybody",
    }),
  },
  ...SPAN,
  named: 10,
  painted: {
    at: 12,
    draw: (sheet, crossings, { marked }) => drawCrossings(sheet, crossings, marked),
  },
  inPlay: asSetDown,
  solid: null,
  printed: {
    at: 12,
    draw: eachPrinted(({ from, to }, { line }) => ({
      d: line([from, to], false),
      stroke: PRINT.made,
      strokeWidth: 0.5,
      strokeDasharray: "1.4 0.8",
    })),
    legend: {
      word: "Crossing",
      sign: <path d="M0.5 2.6Q3.5 -1 6.5 2.6" fill="none" stroke={PRINT.made} strokeWidth={0.6} />,
    },
    players: true,
  },
  sentence: ({ from, to, manner, back, open, takes }) => {
    const long = takes.type === "seconds" ? `, in ${takes.seconds} s` : "";
    const far = metres(lengthOf([from, to], false));
    return `A crossing of ${far} that ${WHOM[open]} ${VERBS[manner]}${long}, ${back ? "there and back" : "one way"}.`;
  },
  slip: [Fields],
};

/** How one gets over a crossing, between which surfaces, who may, and how long it takes. */
function Fields({ id, name }: FieldsProps) {
  const open = useOpenMission();
  const crossing = useMission((state) => sure(state.mission.crossings, id));
  const { manner, takes } = crossing;
  const at = ["crossings", id];
  return (
    <Group title="The crossing">
      <OneOf
        label="Is"
        path={[...at, "manner"]}
        value={manner}
        options={MANNERS}
        says={(to) => `${name} is a ${to}`}
      />
      {ENDS.map((end) => (
        <LevelChoice
          key={end}
          label={END_WORDS[end]}
          level={crossing[`${end}Level`]}
          at={crossing[end]}
          onTake={(to) => put(open, `Where ${name} leads`, [...at, `${end}Level`], to)}
        />
      ))}
      <OneOf
        label="Open to"
        path={[...at, "open"]}
        value={crossing.open}
        options={USERS}
        says={() => `Who uses ${name}`}
      />
      <Field label="Takes">
        {(field) => (
          <Choice
            id={field}
            value={takes.type}
            options={[
              { value: "asLong", word: "As long as it is" },
              { value: "seconds", word: "A time of its own" },
            ]}
            onTake={(type) =>
              put(
                open,
                `How long ${name} takes`,
                [...at, "takes"],
                type === "asLong" ? { type } : { type, seconds: 4 },
              )
            }
          />
        )}
      </Field>
      {takes.type === "seconds" && (
        <Amount
          label="Time"
          path={[...at, "takes", "seconds"]}
          unit="s"
          least={0.1}
          most={600}
          value={takes.seconds}
          says={(to) => `${name} takes ${to} s`}
        />
      )}
      <Tick
        word="leads back as well"
        checked={crossing.back}
        onTake={(back) =>
          put(open, `${name}: ${back ? "both ways" : "one way"}`, [...at, "back"], back)
        }
      />
    </Group>
  );
}
