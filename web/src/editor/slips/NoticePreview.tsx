import { useLayoutEffect, useRef, useState } from "react";
import { NoticeCard } from "../../ui/NoticeCard";

/** What a use tells as it will look in play, smaller, and whether players would not see all of it. */
export function NoticePreview({ title, text }: { title: string; text: string }) {
  const card = useRef<HTMLParagraphElement>(null);
  const [cut, setCut] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another text is cut elsewhere
  useLayoutEffect(() => {
    const { scrollHeight = 0, clientHeight = 0 } = card.current ?? {};
    setCut(scrollHeight > clientHeight + 1);
  }, [text]);
  return (
    <figure aria-label="As players read it" className="pb-1">
      <div style={{ zoom: 0.58 }}>
        <NoticeCard ref={card} title={title} text={text} />
      </div>
      {cut && (
        <figcaption role="status" className="pt-1 text-error text-small">
          Too long: players see six lines of it, and the rest is cut.
        </figcaption>
      )}
    </figure>
  );
}
