import { useEffect, useState } from 'react';

export type Scheme = 'system' | 'light' | 'dark';
const KEPT = 'hot-sprue.scheme';

/** Light, dark, or as the machine is set. */
export function useScheme(): [Scheme, () => void] {
    const [scheme, setScheme] = useState<Scheme>(
        () => (localStorage.getItem(KEPT) as Scheme | null) ?? 'system',
    );
    useEffect(() => {
        const dark = matchMedia('(prefers-color-scheme: dark)');
        const apply = () => {
            const on = scheme === 'dark' || (scheme === 'system' && dark.matches);
            document.documentElement.classList.toggle('dark', on);
            document.documentElement.style.colorScheme = on ? 'dark' : 'light';
        };
        apply();
        localStorage.setItem(KEPT, scheme);
        dark.addEventListener('change', apply);
        return () => dark.removeEventListener('change', apply);
    }, [scheme]);
    const turn = () =>
        setScheme((now) => ({ system: 'light', light: 'dark', dark: 'system' })[now] as Scheme);
    return [scheme, turn];
}
