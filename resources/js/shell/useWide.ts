import { useSyncExternalStore } from 'react';

const query = window.matchMedia('(min-width: 62em)');
const listen = (told: () => void) => {
    query.addEventListener('change', told);
    return () => query.removeEventListener('change', told);
};

/** Whether there is room for a margin beside the drawing; an upright tablet or a phone has none. */
export const useWide = () => useSyncExternalStore(listen, () => query.matches);
