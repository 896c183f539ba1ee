/**
 * Draws frame after frame, and rests after each as long as it took to come onto the screen, where
 * that is longer than a frame: on a machine that paints slowly at least half of the time is left for
 * what a person does meanwhile. A machine that paints fast draws every frame.
 *
 * @returns ends it.
 */
export function keepDrawing(draw: () => void): () => void {
  let frame = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let next = 0;
  const round = () => {
    frame = requestAnimationFrame(round);
    const began = performance.now();
    if (began < next) return;
    next = Number.POSITIVE_INFINITY;
    draw();
    timer = setTimeout(() => {
      const end = performance.now();
      next = end + (end - began);
    });
  };
  frame = requestAnimationFrame(round);
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}
