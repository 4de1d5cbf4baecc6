const WIDTH_PER_CHARACTER = 0.5;

/** A label as it fits a width at a size of type: whole, else the shorter one, else cut; nothing where not even three letters fit. */
export function fitted(label: string, width: number, size: number, shorter?: string): string {
  const most = Math.floor(width / (size * WIDTH_PER_CHARACTER));
  if (label.length <= most) return label;
  if (shorter !== undefined) return fitted(shorter, width, size);
  return most < 3 ? '' : `${label.slice(0, most - 1)}…`;
}
