import type { Mission, Speaker } from "../document/mission";

const HEADS: Record<Speaker["portrait"]["head"], string> = {
  round: "M14 30A10 11 0 1 1 34 30A10 11 0 1 1 14 30",
  long: "M15 26A9 9 0 0 1 33 26L32 36A8 7 0 0 1 16 36Z",
  square: "M14 22L34 22L34 36Q34 41 29 41L19 41Q14 41 14 36Z",
};
const HATS: Record<Speaker["portrait"]["hat"], string> = {
  none: "",
  oilskin: "M8 25Q24 18 40 25L35 22Q34 9 24 9Q14 9 13 22Z",
  cap: "M13 23Q13 12 24 12Q35 12 35 23ZM35 23L41 25L35 26Z",
  hood: "M9 42Q6 8 24 8Q42 8 39 42L34 40Q37 17 24 17Q11 17 14 40Z",
  bell: "M10 26Q15 24 16 14Q17 8 24 8Q31 8 32 14Q33 24 38 26Z",
};
const HAIRS: Record<Speaker["portrait"]["hair"], string> = {
  none: "",
  beard: "M15 33Q16 47 24 47Q32 47 33 33Q29 37 24 36Q19 37 15 33Z",
  curls:
    "M12 24A4 4 0 1 1 14 17A4 4 0 1 1 21 14A4 4 0 1 1 28 14A4 4 0 1 1 35 18A4 4 0 1 1 36 25L33 24Q24 16 15 24Z",
  braid: "M13 25Q14 14 24 14Q34 14 35 25L37 44L33 45L33 26Q24 19 15 26Z",
};

/** A speaker's portrait, drawn in ink on their side's colour. */
export function Portrait(props: { speaker: Speaker; mission: Mission; size?: number }) {
  const { speaker, mission, size = 48 } = props;
  const side = mission.sides[speaker.side.id];
  const colour = side ? `var(--color-${side.colour})` : "var(--color-flint-2)";
  const { head, hat, hair } = speaker.portrait;
  return (
    <svg
      width={`${size / 16}rem`}
      height={`${size / 16}rem`}
      viewBox="0 0 48 48"
      aria-hidden="true"
      className="shrink-0"
    >
      <rect width={48} height={48} fill="var(--color-chip)" />
      <path d="M6 48Q8 40 18 39L30 39Q40 40 42 48Z" fill={colour} />
      <path d={HEADS[head]} fill="var(--color-slip)" stroke="var(--color-ink)" strokeWidth={1.6} />
      <path
        d="M20 29L20 30.5M28 29L28 30.5M21 36Q24 37.5 27 36"
        stroke="var(--color-ink)"
        strokeWidth={1.6}
        fill="none"
        strokeLinecap="round"
      />
      <path
        d={HAIRS[hair]}
        fill="var(--map-wall-stone)"
        stroke="var(--color-ink)"
        strokeWidth={1.4}
      />
      <path
        d={HATS[hat]}
        fill={colour}
        stroke="var(--color-ink)"
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
    </svg>
  );
}
