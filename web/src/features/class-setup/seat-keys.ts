/** Where a chip was dropped: on a person, a station, or a bench without one. */
export const KEY = { person: 'person:', station: 'station:', bench: 'bench:' } as const;
