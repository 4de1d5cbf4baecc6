/** Bytes, gzipped, of the scripts that the first page loads. */
export function firstLoadBytes(): number;
