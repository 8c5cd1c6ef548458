import { useEffect } from 'react';
import { keepOffline } from '../offline/keep-offline.ts';

/** Keeps the week and the shopping lists on this device, where the browser lets it. */
export const useKeptWeek = (): void => {
  useEffect(() => void keepOffline(), []);
};
