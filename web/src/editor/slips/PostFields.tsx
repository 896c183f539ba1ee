import { X } from "lucide-react";
import { useMission, useOpenMission } from "../../document/context";
import { nameOf, newId, orderAfter, ordered } from "../../document/mission";
import { sure } from "../../document/sure";
import { OpenTo } from "../../families/fields";
import { OptionList, Token } from "../../sentence/Picker";
import { makeNew, thingOptions } from "../../sentence/things";
import { Button, Group, TextBox } from "../../ui/controls";
/** Who may stand at a post, and what it is for. */
export function PostFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const post = sure(mission.posts, id);
  const serve = (purpose: string) =>
    open.edit(`${post.name} serves a purpose`, (draft) => {
      const { purposes } = sure(draft.posts, id);
      purposes[newId()] = {
        order: orderAfter(purposes),
        purpose: { family: "purposes", id: purpose },
      };
    });
  return (
    <Group title="For whom and what">
      <p className="pb-1 text-small text-flint">
        On the map: green where something gives cover, red as far as shots reach it.
      </p>
      <OpenTo path={["posts", id, "open"]} value={post.open} of={post.name} />
      <p className="pt-1 text-small text-flint-2">Purposes</p>
      <ul>
        {ordered(post.purposes).map(([part, { purpose }]) => (
          <li key={part} className="flex items-center gap-1">
            {mission.purposes[purpose.id] ? (
              <TextBox
                label="Name of the purpose"
                value={nameOf(mission, purpose)}
                maxLength={60}
                required
                quiet
                onTake={(name) =>
                  open.edit(`Rename the purpose to ${name}`, (draft) => {
                    sure(draft.purposes, purpose.id).name = name;
                  })
                }
              />
            ) : (
              <span className="grow text-error">⚑ {nameOf(mission, purpose)}</span>
            )}
            <Button
              look="quiet"
              aria-label={`${nameOf(mission, purpose)} no longer`}
              onClick={() =>
                open.edit(`${post.name} no longer serves ${nameOf(mission, purpose)}`, (draft) => {
                  delete sure(draft.posts, id).purposes[part];
                })
              }
            >
              <X size="0.875rem" />
            </Button>
          </li>
        ))}
      </ul>
      <Token
        look="add"
        label="Add a purpose"
        content={(close) => (
          <OptionList
            label="Purpose"
            options={thingOptions(mission, ["purposes"])}
            onChoose={(chosen) => {
              serve(chosen.slice("purposes/".length));
              close();
            }}
          >
            <Button
              className="m-2"
              onClick={() => {
                const fresh = newId();
                makeNew(open, "purposes", fresh);
                serve(fresh);
                close();
              }}
            >
              New purpose
            </Button>
          </OptionList>
        )}
      >
        + purpose…
      </Token>
    </Group>
  );
}
