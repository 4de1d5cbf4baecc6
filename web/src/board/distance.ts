/**
 * From how far somebody looks: the whole `room`, in which a station is one lane; the `station`s with their people side by side; one `route`
 * alone, of somebody, a bread, a griddle or a station.
 */
export const DISTANCES = ['room', 'station', 'route'] as const;
export type Distance = (typeof DISTANCES)[number];
