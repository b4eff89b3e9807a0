let owner = '';

/** Whose this device is just now, by their id: nobody else on it sees what is kept. Empty where nobody is signed in. */
export const setTrainer = (id: string): void => {
  owner = id;
};
export const trainer = (): string => owner;
