/** What the server takes of a squad (core/Squad): people, stations, and seconds of its clock. */
export const MOST = 16;
export const STATIONS = { least: 2, most: 8 };
export const CLOCK = {
  work: { label: 'Work', unit: 's', least: 20, most: 180, step: 5 },
  change: { label: 'Change', unit: 's', least: 10, most: 120, step: 5 },
  rounds: { label: 'Rounds', unit: '', least: 1, most: 6, step: 1 },
  roundRest: { label: 'Between rounds', unit: 's', least: 10, most: 300, step: 5 },
} as const;
