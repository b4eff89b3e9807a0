/** “1 set”, “2 sets”. */
export const counted = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;
