/** An answer as a player sees it. */
export interface SeenAnswer {
  id: string;
  text: string;
  /** Why it cannot be given; null if it can. */
  lacks: string | null;
  votes: number;
  own: boolean;
}

/** What a player is asked, with the answers under their numbers. */
export function QuestionCard(props: {
  text: string;
  says: string;
  answers: readonly SeenAnswer[];
  /** How much of the time is left, 0 to 1; null where there is no limit. */
  left: number | null;
  onAnswer?: (id: string) => void;
}) {
  const { text, says, answers, left, onAnswer } = props;
  return (
    <div className="w-[35rem] max-w-full border border-line border-t-[3px] border-t-moss bg-slip px-4 py-3 text-left shadow">
      <p className="whitespace-pre-line font-bold font-serif text-lg leading-snug">{text}</p>
      {says && <p className="pb-1 text-quiet text-small">{says}</p>}
      <ol className="grid gap-1.5 pt-1.5">
        {answers.map(({ id, text: words, lacks, votes, own }, i) => (
          <li key={id}>
            <button
              type="button"
              disabled={lacks !== null || !onAnswer}
              aria-pressed={own}
              className={`flex min-h-9 w-full items-baseline gap-2 border px-2.5 py-1.5 text-left ${lacks === null ? "border-line text-ink enabled:hover:bg-hover" : "border-line border-dashed text-quiet"} ${own ? "bg-moss-soft" : ""}`}
              onClick={() => onAnswer?.(id)}
            >
              <b aria-hidden="true">{i + 1}</b>
              <span className="min-w-0 grow">
                {words} {lacks !== null && <i>{lacks}</i>}
              </span>
              {votes > 0 && (
                <span className="shrink-0 text-quiet text-small">
                  {votes} {votes === 1 ? "vote" : "votes"}
                </span>
              )}
            </button>
          </li>
        ))}
      </ol>
      {left !== null && (
        <div className="mt-2 h-2 bg-flint-2" aria-hidden="true">
          <div
            className="h-full bg-moss transition-[width] duration-200 ease-linear"
            style={{ width: `${Math.max(0, Math.min(1, left)) * 100}%` }}
          />
        </div>
      )}
    </div>
  );
}
