/** What stands on one side and not on the other, line by line, in the order of each. */
export function marked(lines: string[], other: string[]): { line: string; isNew: boolean }[] {
  const left = [...other];
  return lines.map((line) => {
    const at = left.indexOf(line);
    if (at >= 0) left.splice(at, 1);
    return { line, isNew: at < 0 };
  });
}
