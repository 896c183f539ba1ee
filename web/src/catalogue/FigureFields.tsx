import { type Path, part, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { NumberBox } from "../ui/controls";
import type { Figure, FigureGroup } from "./figures";

/** The figures of an entry under their headings, each with what it means. */
export function FigureFields(props: {
  groups: FigureGroup[];
  at: Path;
  of: string;
  /** One below the other, where there is little room beside them. */
  narrow?: boolean;
}) {
  const { groups, at, of, narrow } = props;
  return groups.map(({ title, figures }) => (
    <section key={title} className="border-hairline border-t py-3">
      <h4 className="pb-1 font-bold font-sans text-small text-flint">{title}</h4>
      <div className={`grid gap-x-6 gap-y-1 ${narrow ? "" : "grid-cols-2"}`}>
        {figures.map((figure) => (
          <FigureField key={figure.word} figure={figure} at={at} of={of} />
        ))}
      </div>
    </section>
  ));
}

function FigureField({ figure, at, of }: { figure: Figure; at: Path; of: string }) {
  const open = useOpenMission();
  const path = [...at, ...figure.path];
  const value = useMission((state) => part<number>(state.mission, path));
  const times = figure.share ? 100 : 1;
  return (
    <div className="grid grid-cols-[6.875rem_120px_1fr] items-start gap-2">
      <span className="pt-1.5 text-sm text-flint-2">{figure.word}</span>
      <NumberBox
        label={`${figure.word}: ${of}`}
        unit={figure.unit}
        least={figure.least}
        most={figure.most}
        digits={figure.digits}
        value={value * times}
        onTake={(to) =>
          put(
            open,
            `${of}: ${figure.word.toLowerCase()} ${to} ${figure.unit ?? ""}`.trim(),
            path,
            to / times,
          )
        }
      />
      <span className="pt-1.5 text-small text-quiet leading-tight">{figure.means}</span>
    </div>
  );
}
