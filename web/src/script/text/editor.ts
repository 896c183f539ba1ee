import {
  autocompletion,
  type CompletionContext,
  type Completion as CompletionOption,
  type CompletionResult,
  closeBrackets,
  closeBracketsKeymap,
  completionKeymap,
  insertCompletionText,
  pickedCompletion,
  snippet,
} from "@codemirror/autocomplete";
import { defaultKeymap, history, historyKeymap, indentWithTab } from "@codemirror/commands";
import { bracketMatching, indentOnInput } from "@codemirror/language";
import { type Diagnostic, lintGutter, lintKeymap, setDiagnostics } from "@codemirror/lint";
import { highlightSelectionMatches, search, searchKeymap } from "@codemirror/search";
import { EditorState, type Extension } from "@codemirror/state";
import {
  drawSelection,
  EditorView,
  highlightActiveLine,
  highlightActiveLineGutter,
  keymap,
  lineNumbers,
} from "@codemirror/view";
import { sendText } from "../../document/api";
import type { Trouble } from "../../sentence/trouble";
import { script } from "./language";

interface Completion {
  from: number;
  options: { label: string; text: string; kind: "word" | "sentence" | "thing"; detail: string }[];
}

const KINDS = { word: "keyword", sentence: "text", thing: "variable" };

/** Asks the server what may be written here. */
function completions(mission: string) {
  return async (context: CompletionContext): Promise<CompletionResult | null> => {
    const before = context.matchBefore(/[\p{L}[][^\]\n]*$|\s$/u);
    if (!before && !context.explicit) return null;
    const aborted = new AbortController();
    context.addEventListener("abort", () => aborted.abort());
    const text = context.state.doc.toString();
    const path = `/api/missions/${mission}/script/completion?offset=${context.pos}`;
    const { from, options } = await sendText<Completion>(path, text, aborted.signal);
    const written = context.state.sliceDoc(from, context.pos);
    if (written === "" && !context.explicit && /\S\s$/.test(text.slice(0, context.pos)) === false)
      return null;
    return {
      from,
      options: options.map(({ label, text: apply, kind, detail }) => ({
        label,
        detail: detail || undefined,
        type: KINDS[kind],
        apply: kind === "sentence" ? snippet(apply) : kind === "thing" ? named(apply) : apply,
        boost: kind === "thing" ? 1 : 0,
      })),
      validFor: /^[\p{L}[][^\]\n]*$/u,
    };
  };
}

/** Writes a name over what was begun of it, and over the bracket that was closed by itself. */
function named(name: string) {
  return (view: EditorView, completion: CompletionOption, from: number, to: number) => {
    const closed = view.state.sliceDoc(to, to + 1) === "]" ? to + 1 : to;
    view.dispatch({
      ...insertCompletionText(view.state, name, from, closed),
      annotations: pickedCompletion.of(completion),
    });
  };
}

const theme = EditorView.theme({
  "&": { height: "100%", fontSize: "14px", backgroundColor: "var(--color-slip)" },
  "&.cm-focused": { outline: "none" },
  ".cm-scroller": { fontFamily: '"Source Sans 3 Variable", sans-serif', lineHeight: "1.6" },
  ".cm-content": { caretColor: "var(--color-ink)", padding: "8px 0" },
  ".cm-gutters": {
    backgroundColor: "var(--color-paper)",
    color: "var(--color-quiet)",
    border: "none",
  },
  ".cm-activeLine": { backgroundColor: "color-mix(in srgb, var(--color-moss) 8%, transparent)" },
  ".cm-activeLineGutter": { backgroundColor: "var(--color-moss-soft)" },
  ".cm-lintRange-error": { backgroundImage: "none", borderBottom: "2px dotted var(--color-error)" },
  ".cm-tooltip": {
    border: "1px solid var(--color-line)",
    backgroundColor: "var(--color-slip)",
    color: "var(--color-ink)",
  },
  ".cm-tooltip.cm-tooltip-autocomplete > ul": {
    fontFamily: '"Source Sans 3 Variable", sans-serif',
  },
  ".cm-tooltip-autocomplete > ul > li": { padding: "3px 8px !important" },
  ".cm-tooltip-autocomplete > ul > li[aria-selected]": {
    backgroundColor: "var(--color-moss-soft) !important",
    color: "var(--color-ink) !important",
  },
  ".cm-completionDetail": { fontStyle: "normal", color: "var(--color-quiet)" },
  ".cm-diagnostic-error": { borderLeft: "3px solid var(--color-error)" },
  ".cm-diagnosticAction": {
    backgroundColor: "var(--color-moss)",
    color: "white",
    borderRadius: "0",
    padding: "3px 8px",
  },
});

/** What is done when something happens in an editor. */
export interface Hooks {
  onChange: () => void;
  onCaret: () => void;
  /** What is named at a place is to be gone to. */
  onGo: (at: number) => void;
  /** What is named at a place is to be renamed. */
  onRename: (at: number) => void;
}

/** What the editor of a mission's script is made of. */
function extensions(mission: string, { onChange, onCaret, onGo, onRename }: Hooks): Extension {
  return [
    lineNumbers(),
    highlightActiveLineGutter(),
    history(),
    drawSelection(),
    indentOnInput(),
    bracketMatching(),
    closeBrackets(),
    highlightActiveLine(),
    highlightSelectionMatches(),
    search({ top: true }),
    lintGutter(),
    script,
    theme,
    EditorView.lineWrapping,
    EditorView.contentAttributes.of({
      "aria-label": "Script as text",
      spellcheck: "false",
      tabindex: "0",
    }),
    autocompletion({ override: [completions(mission)], icons: false, maxRenderedOptions: 60 }),
    EditorView.domEventHandlers({
      mousedown: (event, view) => {
        const at = event.ctrlKey || event.metaKey ? view.posAtCoords(event) : null;
        if (at === null) return false;
        onGo(at);
        return true;
      },
    }),
    keymap.of([
      {
        key: "F12",
        run: (view) => {
          onGo(view.state.selection.main.head);
          return true;
        },
      },
      {
        key: "F2",
        run: (view) => {
          onRename(view.state.selection.main.head);
          return true;
        },
      },
      ...closeBracketsKeymap,
      ...defaultKeymap,
      ...searchKeymap,
      ...historyKeymap,
      ...completionKeymap,
      ...lintKeymap,
      indentWithTab,
    ]),
    EditorView.updateListener.of((update) => {
      if (update.docChanged) onChange();
      if (update.selectionSet) onCaret();
    }),
  ];
}

/** An editor of a script in an element of the page. */
export function openEditor(
  parent: HTMLElement,
  mission: string,
  text: string,
  hooks: Hooks,
): EditorView {
  const state = EditorState.create({
    doc: text,
    extensions: extensions(mission, hooks),
  });
  return new EditorView({ state, parent });
}

/** Shows what the server found wrong, each with what may be meant. */
export function showTroubles(view: EditorView, troubles: Trouble[]): void {
  const length = view.state.doc.length;
  const diagnostics = troubles.map(
    ({ from, to, says, remedies }): Diagnostic => ({
      from: Math.min(from, length),
      to: Math.min(Math.max(to, from), length),
      severity: "error",
      message: says,
      actions: remedies.map(({ word, text }) => ({
        name: word,
        apply: (on, at, end) => on.dispatch({ changes: { from: at, to: end, insert: text } }),
      })),
    }),
  );
  view.dispatch(setDiagnostics(view.state, diagnostics));
}

/** Brings a place into sight, with what follows it. */
export function inSight(at: number) {
  return EditorView.scrollIntoView(at, { y: "start", yMargin: 60 });
}

/** Puts another text in the place of all, leaving the caret about where it was. */
export function replaceText(view: EditorView, text: string): void {
  const { head } = view.state.selection.main;
  view.dispatch({
    changes: { from: 0, to: view.state.doc.length, insert: text },
    selection: { anchor: Math.min(head, text.length) },
  });
}
