import { useMission } from "../document/context";
import type { BundleEdition, BundleParameter, BundleValue, Mission } from "../document/mission";
import { isOpen, key, nameOf, ordered, refOf } from "../document/mission";
import { usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { OptionList, Token } from "../sentence/Picker";
import { edgeOf, thingOptions } from "../sentence/things";
import { Field, NumberBox, TextBox } from "../ui/controls";
import { unitAt } from "./units";

/** The parameters of a bundle with their values. */
export function ParameterFields(props: {
  edition: BundleEdition;
  values: Record<string, BundleValue>;
  onTake: (parameter: string, name: string, value: BundleValue) => void;
}) {
  const { edition, values, onTake } = props;
  return ordered(edition.parameters).map(([id, parameter]) => (
    <ParameterField
      key={id}
      edition={edition}
      parameter={parameter}
      value={values[id] ?? parameter.usual}
      onTake={(value) => onTake(id, parameter.name, value)}
    />
  ));
}

function ParameterField(props: {
  edition: BundleEdition;
  parameter: BundleParameter;
  value: BundleValue;
  onTake: (value: BundleValue) => void;
}) {
  const { edition, parameter, value, onTake } = props;
  const mission = useMission((state) => state.mission);
  const phrases = usePhrases();
  if (value.type === "thing") {
    return <ThingField mission={mission} label={parameter.name} value={value} onTake={onTake} />;
  }
  if (value.type === "text") {
    return (
      <Field label={parameter.name}>
        {(id) => (
          <TextBox
            id={id}
            value={value.text}
            maxLength={2000}
            onTake={(text) => onTake({ type: "text", text })}
          />
        )}
      </Field>
    );
  }
  const slot = sure(Object.values(parameter.slots), 0);
  return (
    <Field label={parameter.name}>
      {(id) => (
        <NumberBox
          id={id}
          unit={unitAt(edition.parts, slot.pointer, phrases)}
          least={-1e9}
          most={1e9}
          value={value.number}
          onTake={(number) => onTake({ type: "number", number })}
        />
      )}
    </Field>
  );
}

function ThingField(props: {
  mission: Mission;
  label: string;
  value: Extract<BundleValue, { type: "thing" }>;
  onTake: (value: BundleValue) => void;
}) {
  const { mission, label, value, onTake } = props;
  const name = nameOf(mission, value.thing);
  return (
    <div className="grid min-h-8 grid-cols-[5.5rem_1fr] items-center gap-2 text-sm">
      <span className="text-small text-flint">{label}</span>
      <span>
        <Token
          label={`${label}: ${name}`}
          look={isOpen(mission, value.thing) ? "open" : "thing"}
          edge={edgeOf(mission, value.thing)}
          content={(close) => (
            <OptionList
              label={label}
              options={thingOptions(mission, [value.thing.family])}
              chosen={key(value.thing)}
              onChoose={(chosen) => {
                onTake({ type: "thing", thing: refOf(chosen) });
                close();
              }}
            />
          )}
        >
          {name}
        </Token>
      </span>
    </div>
  );
}
