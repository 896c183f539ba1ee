import type { Ref } from "react";

/** What a player reads when they use a thing that says something; what is too long is cut. */
export function NoticeCard(props: {
  title: string;
  text: string;
  ref?: Ref<HTMLParagraphElement>;
}) {
  const { title, text, ref } = props;
  return (
    <div className="w-[26rem] max-w-full border border-line bg-slip px-5 py-3 shadow">
      <p className="pb-1 font-bold text-flint text-small">{title}</p>
      <p ref={ref} className="line-clamp-6 whitespace-pre-line font-serif text-large">
        {text}
      </p>
    </div>
  );
}
