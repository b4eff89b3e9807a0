/** A ladder’s name without the word. */
export const plain = (name: string): string => name.replace(/ ladder$/, '');
