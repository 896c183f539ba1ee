import { useDesk } from "../desk/desk";
import { FAMILY_WORDS, type Family, type Ref } from "../document/mission";
import { sure } from "../document/sure";
import { Button } from "../ui/controls";

/** Has the next thing that is pointed at on the map taken. */
export function PointButton(props: {
  families: Family[];
  onPoint: (ref: Ref) => void;
  close: () => void;
}) {
  const { families, onPoint, close } = props;
  const point = useDesk((desk) => desk.point);
  const word = families.length === 1 ? `the ${FAMILY_WORDS[sure(families, 0)]}` : "who is meant";
  return (
    <Button
      className="m-2"
      onClick={() => {
        point({
          asks: `Point at ${word} on the map.`,
          families,
          points: false,
          take: (pointed) => "ref" in pointed && onPoint(pointed.ref),
        });
        close();
      }}
    >
      Point on the map
    </Button>
  );
}
