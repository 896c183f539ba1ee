import { useEffect, useState } from "react";

/** A value once it has not changed for a while; the first one at once. */
export function useSettled<T>(value: T, milliseconds: number): T {
  const [settled, settle] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => settle(value), milliseconds);
    return () => clearTimeout(timer);
  }, [value, milliseconds]);
  return settled;
}
