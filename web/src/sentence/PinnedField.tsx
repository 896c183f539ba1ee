import type { Pinned } from "../document/mission";
import { LEVELS } from "../document/pinned";
import { sure } from "../document/sure";
import { NumberBox } from "../ui/controls";

/** A number: given once, another one at any level of difficulty, and more for further players. */
export function PinnedField(props: {
  label: string;
  unit?: string;
  least: number;
  most: number;
  value: Pinned;
  autoFocus?: boolean;
  onTake: (pinned: Pinned) => void;
}) {
  const { value: pinned, onTake } = props;
  const { value, levels, perPlayer } = pinned;
  const range = { unit: props.unit, least: props.least, most: props.most };
  const put = (level: string, number: number) => {
    const { [level]: _, ...others } = levels;
    onTake({ ...pinned, levels: number === value ? others : { ...others, [level]: number } });
  };
  return (
    <div>
      <NumberBox
        {...range}
        label={props.label}
        value={value}
        autoFocus={props.autoFocus}
        onTake={(number) => onTake({ ...pinned, value: number })}
      />
      <div className="mt-1.5 grid grid-cols-2 gap-1">
        {LEVELS.map((level) => {
          const word = sure(level, 0).toUpperCase() + level.slice(1);
          return (
            <div key={level} className="min-w-0">
              <span className="text-xs text-quiet">{word}</span>
              <NumberBox
                {...range}
                label={`${props.label} at ${word}`}
                value={levels[level] ?? value}
                onTake={(number) => put(level, number)}
              />
            </div>
          );
        })}
        <div className="col-span-2 min-w-0">
          <span className="text-xs text-quiet">More for each further player</span>
          <NumberBox
            unit={props.unit}
            least={-1e6}
            most={1e6}
            label={`${props.label}: more for each further player`}
            value={perPlayer}
            onTake={(more) => onTake({ ...pinned, perPlayer: more })}
          />
        </div>
      </div>
    </div>
  );
}
