import { useQuery } from '@tanstack/react-query';
import { get } from '../api/client';
import type { Catalogue, Field } from '../api/types';

/** What the last catalogue said, for words that are made outside of components. */
let known: Catalogue | undefined;

export function useCatalogue(): Catalogue | undefined {
    return useQuery({
        queryKey: ['catalogue'],
        queryFn: async () => (known = await get<Catalogue>('catalogue')),
        staleTime: 60_000,
    }).data;
}

/** The field that a path of a job stands for. */
export function fieldAt(catalogue: Catalogue, path: string): Field | undefined {
    const [group = '', , name = ''] = path.split('.');
    return catalogue.readings[group]?.[name] ?? catalogue.decisions[path];
}

/** A station as it is called. */
export function stationWords(catalogue: Catalogue | undefined, name: string): string {
    return catalogue?.stations.find((one) => one.name === name)?.label ?? name;
}

/** A path as one says it: `thickness at the top`. */
export function pathWords(path: string): string {
    const field = known && fieldAt(known, path);
    return field?.label ?? (path.split('.').at(-1) ?? path).replaceAll('_', ' ');
}
