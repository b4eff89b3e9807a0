/** Puts text on the clipboard; false where the browser does not allow it, such as on a plain address. */
export async function copyText(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}
