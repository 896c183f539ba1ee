import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import type { Note } from "../document/mission";
import { sure } from "../document/sure";
import { inks } from "../drawing/inks";
import { pin, stroked } from "../drawing/pin";
import type { Sheet } from "../drawing/sheet";
import { Group, TextBox } from "../ui/controls";
import { each, type FieldsProps, only, POINT, type Traits } from "./traits";

/** What a designer wants to remember at a place. */
export const notes: Traits<"notes"> = {
  heading: "Notes",
  sign: "M3 2L11 2L15 6L15 16L3 16ZM11 2L11 6L15 6M6 10L12 10M6 13L10 13",
  setDown: {
    at: 21,
    tray: only("Notes", "Note", "remember comment"),
    fresh: ({ at: [position] }) => ({ name: "Note", position, text: "" }),
  },
  ...POINT,
  named: 1,
  painted: { at: 33, draw: each(drawNote) },
  inPlay: null,
  solid: null,
  printed: null,
  sentence: () => "A note of yours. Players never see it.",
  slip: [Fields],
};

/** What the designer has written down. */
function Fields({ id, name }: FieldsProps) {
  const open = useOpenMission();
  const { text } = useMission((state) => sure(state.mission.notes, id));
  return (
    <Group title="Written down">
      <TextBox
        label="Text of the note"
        value={text}
        maxLength={4000}
        multiline
        placeholder="What you want to remember here"
        onTake={(to) => put(open, `Write in ${name}`, ["notes", id, "text"], to)}
      />
    </Group>
  );
}

/** Draws a note: a slip of paper with a folded corner. */
function drawNote(sheet: Sheet, note: Note, selected: boolean): void {
  const { c } = sheet;
  pin(sheet, note.position, 0, () => {
    const slip = new Path2D("M-8 -9L4 -9L8 -5L8 9L-8 9Z");
    c.fillStyle = inks.note;
    c.fill(slip);
    stroked(c, "M-8 -9L4 -9L8 -5L8 9L-8 9ZM4 -9L4 -5L8 -5", selected, inks.ink);
    c.fill(slip);
    c.lineWidth = 1.2;
    c.strokeStyle = inks.flint;
    c.stroke(new Path2D("M4 -9L4 -5L8 -5M-5 -2L5 -2M-5 2L5 2M-5 6L1 6"));
  });
}
