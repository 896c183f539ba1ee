import { DropdownMenu } from "radix-ui";
import { noOffer, offers } from "../deeds/links";
import { useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import { FAMILY_WORDS, nameOf, refOf } from "../document/mission";
import { ThingIcon } from "../things/ThingIcon";
import type { Here, Linking } from "./hands";

const ITEM =
  "flex min-h-8 cursor-default items-center gap-2 px-3 text-sm outline-none data-[highlighted]:bg-moss-soft";

/** A menu that opens at a point of the page. */
function MenuAt(props: {
  left: number;
  top: number;
  label: string;
  onClose: () => void;
  children: React.ReactNode;
}) {
  return (
    <DropdownMenu.Root open onOpenChange={(open) => !open && props.onClose()}>
      <DropdownMenu.Trigger asChild>
        <span
          aria-hidden="true"
          className="fixed h-0 w-0"
          style={{ left: props.left, top: props.top }}
        />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={4}
          aria-label={props.label}
          className="z-50 max-h-96 min-w-52 max-w-80 overflow-auto border border-line bg-slip py-1 shadow-lg"
        >
          <DropdownMenu.Label className="px-3 pb-1 text-[12px] text-quiet">
            {props.label}
          </DropdownMenu.Label>
          {props.children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** Everything that lies at one place, to choose from. */
export function HereMenu({ here, onClose }: { here: Here; onClose: () => void }) {
  const mission = useMission((state) => state.mission);
  const select = useDesk((desk) => desk.select);
  return (
    <MenuAt left={here.left} top={here.top} label="What lies here" onClose={onClose}>
      {here.names.map((name) => {
        const ref = refOf(name);
        return (
          <DropdownMenu.Item key={name} className={ITEM} onSelect={() => select([name])}>
            <ThingIcon thing={ref} />
            <span className="truncate">{nameOf(mission, ref)}</span>
            <span className="ml-auto pl-3 text-[12px] text-quiet">{FAMILY_WORDS[ref.family]}</span>
          </DropdownMenu.Item>
        );
      })}
    </MenuAt>
  );
}

/** What two things that were linked can do together. */
export function LinkMenu({ linking, onClose }: { linking: Linking; onClose: () => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const [from, to] = [refOf(linking.from), refOf(linking.to)];
  const all = offers(mission, from, to);
  return (
    <MenuAt
      left={linking.left}
      top={linking.top}
      label={all.length > 0 ? `${nameOf(mission, from)} may` : "No link"}
      onClose={onClose}
    >
      {all.map((offer) => (
        <DropdownMenu.Item
          key={offer.word}
          className={ITEM}
          onSelect={() => open.edit(offer.label, offer.make)}
        >
          {offer.word}
        </DropdownMenu.Item>
      ))}
      {all.length === 0 && <p className="px-3 py-1 text-sm">{noOffer(mission, from, to)}</p>}
    </MenuAt>
  );
}
