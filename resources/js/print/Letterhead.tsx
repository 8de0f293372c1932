import { useQuery } from '@tanstack/react-query';
import { get } from '../api/client';
import type { Bench } from '../api/types';

/** The workshop's name and its mark, at the head of each sheet; nothing where none has been said. */
export function Letterhead() {
    const { data } = useQuery({ queryKey: ['bench'], queryFn: () => get<Bench>('bench') });
    const { name, mark } = data?.house ?? { name: null, mark: null };
    if (!name && !mark) return null;
    return (
        <div className="letterhead">
            <span>{name}</span>
            {mark ? <span className="mark">{mark}</span> : null}
        </div>
    );
}
