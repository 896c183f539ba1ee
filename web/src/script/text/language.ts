import { HighlightStyle, StreamLanguage, syntaxHighlighting } from "@codemirror/language";
import { tags } from "@lezer/highlight";

/** Words that hold a text together; all others belong to sentences. */
const FRAME =
  /^(event|chapter|zone|when|while|each time|do|and|or|not|if|otherwise|choice|wait|for|just)\b/;

/** Words that say how often an event fires, behind its name. */
const HEAD =
  /^(in|at most|once|times?|any number of|every|while true|ready again|after|asleep|off|side by side|one after another|dropped while busy)\b/;

/** How the text is told apart by eye; what it means is read by the server. */
const language = StreamLanguage.define<{ head: boolean }>({
  name: "flintmoss-script",
  startState: () => ({ head: false }),
  token(stream, state) {
    if (stream.sol()) state.head = false;
    if (stream.eatSpace()) return null;
    if (stream.match(/^#.*/)) return "comment";
    if (stream.match(/^\[(\\.|[^\]\\])*\]?/)) return "name";
    if (stream.match(/^"(\\.|[^"\\])*"?/)) return state.head ? "heading" : "string";
    if (stream.match(/^\d+([.:]\d+)*/)) return "number";
    if (stream.match(/^(event|chapter)\b/)) {
      state.head = true;
      return "keyword";
    }
    if (stream.match(state.head ? HEAD : FRAME)) return "keyword";
    stream.match(/^[\p{L}’']+/u) || stream.next();
    return null;
  },
  languageData: { commentTokens: { line: "#" } },
});

const style = HighlightStyle.define([
  { tag: tags.keyword, color: "var(--color-moss)", fontWeight: "600" },
  { tag: tags.heading, color: "var(--color-ink)", fontWeight: "700" },
  { tag: tags.name, color: "var(--color-tarn)", fontWeight: "600" },
  { tag: tags.number, color: "var(--color-rust)" },
  { tag: tags.string, color: "var(--color-gold)" },
  { tag: tags.comment, color: "var(--color-quiet)", fontStyle: "italic" },
]);

/** The language of scripts, with its colours. */
export const script = [language, syntaxHighlighting(style)];
