import { createContext, useContext } from 'react';

/** Whether the person trains alone, from their own page: then nothing leads to the trainer's desk. */
export const Alone = createContext(false);
export const useAlone = (): boolean => useContext(Alone);
