import type { ReactNode } from "react";
import { Flyout } from "../ui/Flyout";
import { type Looks, setLooks, useLooks } from "./looks";

const LIGHT: [Looks["light"], string][] = [
  ["system", "As the computer has it"],
  ["day", "Day"],
  ["night", "Night"],
];

const CONTRAST: [Looks["contrast"], string][] = [
  ["system", "As the computer has it"],
  ["plain", "Plain"],
  ["more", "More"],
];

/** By which light the page is drawn, and with how much contrast. */
export function LooksMenu(props: { trigger: ReactNode; side?: "right" | "bottom" }) {
  const { light, contrast } = useLooks();
  return (
    <Flyout trigger={props.trigger} label="Looks" side={props.side} look="w-60 p-3">
      <Choices
        legend="Light"
        name="light"
        choices={LIGHT}
        chosen={light}
        onChoose={(light) => setLooks({ light })}
      />
      <Choices
        legend="Contrast"
        name="contrast"
        choices={CONTRAST}
        chosen={contrast}
        onChoose={(contrast) => setLooks({ contrast })}
      />
    </Flyout>
  );
}

function Choices<T extends string>(props: {
  legend: string;
  name: string;
  choices: [T, string][];
  chosen: T;
  onChoose: (choice: T) => void;
}) {
  return (
    <fieldset className="pb-2 last:pb-0">
      <legend className="pb-1 font-semibold">{props.legend}</legend>
      {props.choices.map(([choice, word]) => (
        <label key={choice} className="flex min-h-7 items-center gap-2">
          <input
            type="radio"
            className="accent-moss"
            name={props.name}
            checked={choice === props.chosen}
            onChange={() => props.onChoose(choice)}
          />
          {word}
        </label>
      ))}
    </fieldset>
  );
}
