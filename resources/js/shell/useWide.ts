import { useSyncExternalStore } from 'react';

function screenIs(asked: string): () => boolean {
    const query = window.matchMedia(asked);
    const listen = (told: () => void) => {
        query.addEventListener('change', told);
        return () => query.removeEventListener('change', told);
    };
    return () => useSyncExternalStore(listen, () => query.matches);
}

/** Whether there is room for a margin beside the drawing; an upright tablet or a phone has none. */
export const useWide = screenIs('(min-width: 62em)');

/** Whether it is a phone, whose head has one line. */
export const useNarrow = screenIs('(max-width: 47.99em)');
