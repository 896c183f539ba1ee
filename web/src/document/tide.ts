/** A time of the tide, seconds after the midnight before play begins, and its level in metres. */
interface Mark {
  time: number;
  level: number;
}

/** High and low water that come again and again. */
export interface Waters {
  /** A time of high water, seconds after midnight. */
  highAt: number;
  high: number;
  low: number;
  /** From one high water to the next, seconds. */
  period: number;
}

/** The moon's tide: high water comes again after 12 hours and 25 minutes. */
export const LUNAR = 44_700;

/** The last time that a tide speaks of: the end of the next day. */
const END = 2 * 86_400;

/** The times of high and low water over two days, in their order. */
export function marksOf({ highAt, high, low, period }: Waters): Mark[] {
  const half = period / 2;
  const marks: Mark[] = [];
  let turn = -Math.ceil(highAt / half);
  for (let time = highAt + turn * half; time <= END; time = highAt + ++turn * half) {
    if (time >= 0) marks.push({ time: Math.round(time), level: turn % 2 === 0 ? high : low });
  }
  return marks;
}
