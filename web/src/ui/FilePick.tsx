import type { Ref } from "react";

/** A chooser of one file that is not seen itself: a button clicks it. */
export function FilePick(props: {
  ref: Ref<HTMLInputElement>;
  label: string;
  /** The endings of the files that it takes, as the attribute of the same name. */
  accept: string;
  onPick: (file: File) => void;
}) {
  return (
    <input
      ref={props.ref}
      type="file"
      accept={props.accept}
      className="sr-only"
      aria-label={props.label}
      tabIndex={-1}
      onChange={(event) => {
        const [chosen] = event.target.files ?? [];
        // So that the same file can be picked again, after it was changed.
        event.target.value = "";
        if (chosen) props.onPick(chosen);
      }}
    />
  );
}
