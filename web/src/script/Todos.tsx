import { X } from "lucide-react";
import { useState } from "react";
import { useDesk } from "../desk/desk";
import { drop, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  find,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  ordered,
  type Ref,
  type Todo,
} from "../document/mission";
import { Button } from "../ui/controls";

/** The to-dos of a mission: what is to be done yet, then what is done. */
function listed(mission: Mission): [string, Todo][] {
  const all = ordered(mission.todos);
  return [...all.filter(([, { done }]) => !done), ...all.filter(([, { done }]) => done)];
}

/** What is still to be done; each leads to what it is about. */
export function Todos({ onShow }: { onShow: (about: Ref) => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const event = useDesk((desk) => desk.event);
  const [text, setText] = useState("");
  const all = listed(mission);
  const left = all.filter(([, { done }]) => !done).length;
  const add = () => {
    const name = text.trim();
    if (name === "") return;
    setText("");
    open.edit(`To do: ${name}`.slice(0, 200), (draft) => {
      draft.todos[newId()] = {
        name,
        order: orderAfter(draft.todos),
        done: false,
        about:
          event && draft.events[event]
            ? { type: "thing", thing: { family: "events", id: event } }
            : { type: "mission" },
      };
    });
  };
  return (
    <section aria-label="To do" className="border-hairline border-b px-3 py-2.5">
      <div className="flex min-h-7 items-center justify-between">
        <h3 className="font-bold font-sans text-small text-flint">
          {left === 0 ? "Nothing to do" : `To do: ${left}`}
        </h3>
        {left < all.length && (
          <Button
            look="quiet"
            className="min-h-7 px-1 text-small"
            onClick={() =>
              open.edit("Clear what is done", (draft) => {
                for (const [id, { done }] of all) if (done) delete draft.todos[id];
              })
            }
          >
            Clear what is done
          </Button>
        )}
      </div>
      <ul>
        {all.map(([id, todo]) => (
          <TodoRow key={id} id={id} todo={todo} onShow={onShow} />
        ))}
      </ul>
      <input
        aria-label="Something to do"
        placeholder={event ? "Something to do in this event" : "Something to do"}
        className="mt-1 min-h-7 w-full border border-line bg-field px-2 text-small"
        maxLength={200}
        value={text}
        onChange={(change) => setText(change.target.value)}
        onKeyDown={(press) => {
          if (press.key === "Enter") add();
          if (press.key === "Escape") setText("");
        }}
      />
    </section>
  );
}

function TodoRow(props: { id: string; todo: Todo; onShow: (about: Ref) => void }) {
  const { id, todo, onShow } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const about = todo.about.type === "thing" ? todo.about.thing : undefined;
  return (
    <li className="group flex items-start gap-1.5 py-0.5 text-sm leading-snug">
      <input
        type="checkbox"
        aria-label={`Done: ${todo.name}`}
        className="mt-0.5 h-4 w-4 shrink-0 accent-moss"
        checked={todo.done}
        onChange={(change) =>
          put(
            open,
            `Done: ${todo.name}`.slice(0, 200),
            ["todos", id, "done"],
            change.target.checked,
          )
        }
      />
      <span className="min-w-0 grow">
        <span className={todo.done ? "text-quiet line-through" : ""}>{todo.name}</span>
        {about && find(mission, about) && (
          <button
            type="button"
            className="block min-h-6 max-w-full truncate border-flint border-b border-dotted text-left text-small text-tarn hover:bg-hover"
            onClick={() => onShow(about)}
          >
            {nameOf(mission, about)}
          </button>
        )}
      </span>
      <Button
        look="quiet"
        className="min-h-6 px-0.5 opacity-0 focus:opacity-100 group-hover:opacity-100"
        aria-label={`Forget: ${todo.name}`}
        onClick={() => drop(open, `Forget: ${todo.name}`.slice(0, 200), ["todos", id])}
      >
        <X size="0.8125rem" />
      </Button>
    </li>
  );
}
