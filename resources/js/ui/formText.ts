/** The text of a field of a submitted form. */
export const formText = (form: HTMLFormElement) => {
  const data = new FormData(form);
  return (name: string): string => {
    const value = data.get(name);
    return typeof value === 'string' ? value : '';
  };
};
