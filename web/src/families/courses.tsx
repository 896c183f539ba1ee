import { ArrowDown, ArrowUp, X } from "lucide-react";
import { put, shift } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  type Course,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  ordered,
  type Position,
} from "../document/mission";
import { type Geometry, insideRing, pathOf } from "../document/shapes";
import { sure } from "../document/sure";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { letters, lettersGrown } from "../drawing/letters";
import type { Sheet } from "../drawing/sheet";
import { Button, Choice, Field, Group, NumberBox, Tick } from "../ui/controls";
import { each, type FieldsProps, only, type Traits } from "./traits";
import { zones } from "./zones";

/** Zones that players pass in order. */
export const courses: Traits<"courses"> = {
  heading: "Courses",
  sign: "M3 15L3 3L8 5L3 7M15 15L15 3L10 5L15 7M5 13L13 13",
  setDown: {
    at: 6,
    tray: only("Places", "Course", "race laps gates checkpoints zones in order"),
    drawn: () => ({ least: 1, most: 100 }),
    fresh: ({ at, mission }) => ({
      name: "Course",
      passages: passagesAt(mission, at),
      circuit: false,
      laps: 1,
      shown: true,
    }),
  },
  geometry: () => undefined,
  spots: () => [],
  layer: "none",
  painted: { at: 21, draw: each(drawCourse) },
  inPlay: null,
  solid: null,
  printed: null,
  sentence: ({ passages, circuit, laps }) => {
    const many = Object.keys(passages).length;
    const passed = `${many} ${many === 1 ? "zone" : "zones"} to be passed in order`;
    if (many === 0) return "A course of no zones yet. Add the first below.";
    return circuit
      ? `${passed} and the first once more, ${laps} ${laps === 1 ? "lap" : "laps"}.`
      : `${passed}, each player for themselves.`;
  },
  slip: [Fields],
  linked: "passed on",
};

/** The zones under points, in their order; a point beside all of them is left out. */
function passagesAt(mission: Mission, points: Position[]): Course["passages"] {
  const passages: Course["passages"] = {};
  for (const at of points) {
    const id = zoneUnder(mission, at);
    if (id) {
      passages[newId()] = { order: orderAfter(passages), zone: { family: "zones", id } };
    }
  }
  return passages;
}

/** The smallest zone about a point, by id. */
function zoneUnder(mission: Mission, at: Position): string | undefined {
  return Object.entries(mission.zones)
    .map(([id, zone]) => ({ id, area: zones.geometry(zone) }))
    .filter(({ area }) => area && holds(area, at))
    .sort((a, b) => sizeOf(a.area) - sizeOf(b.area))[0]?.id;
}

function holds(area: Geometry, at: Position): boolean {
  return area.is === "circle"
    ? Math.hypot(at.x - area.centre.x, at.y - area.centre.y) <= area.radius
    : insideRing(at, pathOf(area));
}

/** About how large an area is; only to tell the smaller of two. */
function sizeOf(area: Geometry | undefined): number {
  if (!area) return 0;
  if (area.is === "circle") return Math.PI * area.radius * area.radius;
  const path = pathOf(area);
  const [xs, ys] = [path.map(({ x }) => x), path.map(({ y }) => y)];
  return (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
}

/** The middle of a zone. */
function middleOf(area: Geometry | undefined): Position | undefined {
  if (!area || area.is === "point") return area?.at;
  if ("centre" in area) return area.centre;
  const path = pathOf(area);
  const sum = path.reduce((all, { x, y }) => ({ x: all.x + x, y: all.y + y }), { x: 0, y: 0 });
  return { x: sum.x / path.length, y: sum.y / path.length };
}

/** The zones of a course, how often it is gone round, and who sees it. */
function Fields({ id, name }: FieldsProps) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const course = sure(mission.courses, id);
  const at = ["courses", id];
  const all = Object.entries(mission.zones).sort(([, a], [, b]) => a.name.localeCompare(b.name));
  const add = (zone: string) =>
    put(
      open,
      `${nameOf(mission, { family: "zones", id: zone })} in ${name}`,
      [...at, "passages", newId()],
      { order: orderAfter(course.passages), zone: { family: "zones", id: zone } },
    );
  return (
    <>
      <Group title="Zones in order">
        <ol aria-label="Zones in order" className="pb-1">
          {ordered(course.passages).map(([passage, { zone }], i) => (
            <li key={passage} className="flex min-h-7 items-center gap-1 text-sm">
              <span className="w-5 text-quiet tabular-nums">{i + 1}</span>
              <span className="min-w-0 grow truncate">{nameOf(mission, zone)}</span>
              <PassageButtons path={[...at, "passages", passage]} number={i + 1} name={name} />
            </li>
          ))}
        </ol>
        <Choice
          label="Add a zone"
          value=""
          options={[
            { value: "", word: all.length > 0 ? "Add a zone…" : "There is no zone yet" },
            ...all.map(([zone, it]) => ({ value: zone, word: it.name })),
          ]}
          onTake={(zone) => zone !== "" && add(zone)}
        />
      </Group>
      <Group title="The run">
        <Tick
          word="a circuit: the first zone is the finish"
          checked={course.circuit}
          onTake={(to) =>
            put(
              open,
              `${name} ${to ? "is a circuit" : "ends at its last zone"}`,
              [...at, "circuit"],
              to,
            )
          }
        />
        {course.circuit && (
          <Field label="Laps">
            {(field) => (
              <NumberBox
                id={field}
                value={course.laps}
                least={1}
                most={99}
                digits={0}
                onTake={(to) => put(open, `${to} laps of ${name}`, [...at, "laps"], to)}
              />
            )}
          </Field>
        )}
        <Tick
          word="players see how they stand"
          checked={course.shown}
          onTake={(to) => put(open, `${name} ${to ? "shown" : "hidden"}`, [...at, "shown"], to)}
        />
      </Group>
    </>
  );
}

function PassageButtons(props: { path: string[]; number: number; name: string }) {
  const { path, number, name } = props;
  const open = useOpenMission();
  return (
    <>
      <Button
        look="quiet"
        className="min-h-7! px-1"
        aria-label={`Zone ${number} earlier`}
        onClick={() => shift(open, `Zone ${number} of ${name} earlier`, path, -1)}
      >
        <ArrowUp size="0.8125rem" />
      </Button>
      <Button
        look="quiet"
        className="min-h-7! px-1"
        aria-label={`Zone ${number} later`}
        onClick={() => shift(open, `Zone ${number} of ${name} later`, path, 1)}
      >
        <ArrowDown size="0.8125rem" />
      </Button>
      <Button
        look="quiet"
        className="min-h-7! px-1"
        aria-label={`Take zone ${number} out`}
        onClick={() =>
          open.edit(`Zone ${number} out of ${name}`, (draft) => {
            delete sure(draft.courses, sure(path, 1)).passages[sure(path, 3)];
          })
        }
      >
        <X size="0.8125rem" />
      </Button>
    </>
  );
}

/** Draws a course: a dashed line from zone to zone with the numbers in which they are passed. */
function drawCourse(sheet: Sheet, course: Course, selected: boolean, mission: Mission): void {
  const { c, camera, size } = sheet;
  const places = ordered(course.passages).flatMap(([, { zone }]) => {
    const of = mission.zones[zone.id];
    const at = of && middleOf(zones.geometry(of));
    return at ? [toScreen(camera, size, at.x, at.y)] : [];
  });
  c.save();
  c.lineJoin = "round";
  for (const [width, style] of [
    [selected ? 6 : 4.5, inks.halo],
    [selected ? 2.4 : 1.4, inks.ink],
  ] as const) {
    c.beginPath();
    for (const [x, y] of places) c.lineTo(x, y);
    if (course.circuit && places.length > 2) c.closePath();
    c.setLineDash([9, 5]);
    c.lineWidth = width;
    c.strokeStyle = style;
    c.stroke();
  }
  c.setLineDash([]);
  c.font = letters(11, 700);
  c.textAlign = "center";
  c.textBaseline = "middle";
  const grown = lettersGrown();
  places.forEach(([x, y], i) => {
    c.beginPath();
    c.rect(x - 9 * grown, y - 8 * grown, 18 * grown, 16 * grown);
    c.fillStyle = selected ? inks.ink : inks.halo;
    c.fill();
    c.lineWidth = 1.2;
    c.strokeStyle = inks.ink;
    c.stroke();
    c.fillStyle = selected ? inks.halo : inks.ink;
    c.fillText(String(i + 1), x, y + 0.5);
  });
  c.restore();
}
