import type { Block } from './layout.ts';

/** For every bread a thread from where it was shaped to where it cooks. */
export function Threads({
  blocks,
  lit,
}: {
  readonly blocks: readonly Block[];
  readonly lit: ReadonlySet<string> | undefined;
}) {
  const shaped = new Map<string, Block>();
  const threads: { readonly id: string; readonly path: string }[] = [];
  for (const b of blocks) {
    const { piece } = b.task;
    if (piece === undefined) continue;
    const before = shaped.get(piece);
    if (b.kind === 'cook' && before) {
      const [x1, y1, x2, y2] = [
        before.x + before.width,
        before.y + before.height - 1,
        b.x,
        b.y + Math.min(6, b.height / 2),
      ];
      const bend = Math.min(90, (x2 - x1) / 2);
      threads.push({ id: b.task.id, path: `M${x1} ${y1}C${x1 + bend} ${y1} ${x2 - bend} ${y2} ${x2} ${y2}` });
    }
    if (b.kind === 'hands') shaped.set(piece, b);
  }
  return (
    <g fill="none" stroke="var(--ember)" aria-hidden>
      {threads.map((t) => (
        <path
          key={t.id}
          d={t.path}
          strokeWidth={lit?.has(t.id) ? 2.5 : 1}
          opacity={lit ? (lit.has(t.id) ? 1 : 0.12) : 0.4}
        />
      ))}
    </g>
  );
}
