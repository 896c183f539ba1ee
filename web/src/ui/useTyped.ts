import { useEffect, useRef, useState } from "react";
import { beforeLeaving } from "../document/leaving";

/** How long nobody types before a text is taken, milliseconds. */
const PAUSE = 800;

interface Typed {
  value: string;
  required?: boolean;
  multiline?: boolean;
  whenLeft?: boolean;
  onTake: (value: string) => void;
}

/**
 * The text of a box while somebody types in it. What comes from elsewhere shows only once the box
 * is left, so that nothing is overwritten under somebody's hands; what is typed is taken by whom it
 * was typed for, also when the box goes or the page does.
 */
export function useTyped(props: Typed) {
  const [text, setText] = useState(props.value);
  const [focused, setFocused] = useState(false);
  const before = useRef(props.value);
  const pending = useRef<(() => void) | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const flush = useRef(() => {
    clearTimeout(timer.current);
    pending.current?.();
    pending.current = null;
  });

  useEffect(() => {
    if (!focused) setText(props.value);
  }, [props.value, focused]);

  useEffect(() => {
    const settle = flush.current;
    const stop = beforeLeaving(settle);
    return () => {
      stop();
      settle();
    };
  }, []);

  const taken = (typed: string) => (props.multiline ? typed : typed.trim());

  const want = (typed: string) => {
    clearTimeout(timer.current);
    const value = taken(typed);
    const { onTake } = props;
    const nothing = value === props.value || (props.required && value === "");
    pending.current = nothing ? null : () => onTake(value);
  };

  return {
    text,
    begin: () => {
      before.current = props.value;
      setFocused(true);
    },
    type: (typed: string) => {
      setText(typed);
      want(typed);
      if (!props.whenLeft) timer.current = setTimeout(flush.current, PAUSE);
    },
    giveBack: () => {
      setText(before.current);
      want(before.current);
      flush.current();
    },
    end: () => {
      flush.current();
      setFocused(false);
    },
  };
}

/**
 * The text of a box for a value, which shows what comes from elsewhere only while nobody is in it.
 * What is watched is done when the page goes while somebody is.
 */
export function useShown(shown: string) {
  const [text, setText] = useState(shown);
  const [within, focused] = useState(false);
  const take = useRef<() => void>(() => {});
  useEffect(() => {
    if (!within) setText(shown);
  }, [shown, within]);
  useEffect(() => (within ? beforeLeaving(() => take.current()) : undefined), [within]);
  const watch = (work: () => void) => {
    take.current = work;
  };
  return { text, setText, focused, watch };
}
