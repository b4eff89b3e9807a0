/** The words of a text, in small letters and without their marks. */
export const wordsOf = (text: string): string[] =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');

/** Whether every typed word begins a word of the text. */
export const beginsWords = (text: string, typed: string): boolean => {
  const words = wordsOf(text);
  return wordsOf(typed).every((part) => words.some((word) => word.startsWith(part)));
};
