import { noOffer, offers } from "../deeds/links";
import { useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import { FAMILY_WORDS, nameOf, refOf } from "../document/mission";
import { ThingIcon } from "../things/ThingIcon";
import { MenuAt, MenuItem } from "../ui/Menu";
import type { Here, Linking } from "./hands";

/** Everything that lies at one place, to choose from. */
export function HereMenu({ here, onClose }: { here: Here; onClose: () => void }) {
  const mission = useMission((state) => state.mission);
  const select = useDesk((desk) => desk.select);
  return (
    <MenuAt left={here.left} top={here.top} label="What lies here" onClose={onClose}>
      {here.names.map((name) => {
        const ref = refOf(name);
        return (
          <MenuItem key={name} onSelect={() => select([name])}>
            <ThingIcon thing={ref} />
            <span className="truncate">{nameOf(mission, ref)}</span>
            <span className="ml-auto pl-3 text-xs text-quiet">{FAMILY_WORDS[ref.family]}</span>
          </MenuItem>
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
        <MenuItem key={offer.word} onSelect={() => open.edit(offer.label, offer.make)}>
          {offer.word}
        </MenuItem>
      ))}
      {all.length === 0 && <p className="px-3 py-1 text-sm">{noOffer(mission, from, to)}</p>}
    </MenuAt>
  );
}
