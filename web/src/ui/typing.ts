const TEXT = "textarea, [contenteditable], input:not([type=checkbox], [type=radio], [type=range])";

/** Whether somebody writes into a field, which undoes and copies by itself. */
export function typingText(target: EventTarget | null): boolean {
  return target instanceof Element && target.matches(TEXT);
}

/** Whether keys belong to a field that somebody writes into or chooses in. */
export function typing(target: EventTarget | null): boolean {
  return (
    typingText(target) || (target instanceof Element && target.matches("select, [type=range]"))
  );
}
