/** How long a frame is waited for, ms: a tab that is hidden draws none. */
const LONGEST_MS = 100;

/** Does something once the next frame is drawn; gives back how to call it off. */
export function afterFrame(work: () => void): () => void {
  let drawn: ReturnType<typeof setTimeout>;
  const frame = requestAnimationFrame(() => {
    clearTimeout(late);
    drawn = setTimeout(work);
  });
  const late = setTimeout(() => {
    cancelAnimationFrame(frame);
    work();
  }, LONGEST_MS);
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(late);
    clearTimeout(drawn);
  };
}
