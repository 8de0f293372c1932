import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import type { Station, StationName } from '../api/types';
import { isTyping } from '../shell/Shell';
import { STATIONS } from './stations';

/** Single keys of a job's page: a digit for a station, undo and redo, history, print. */
export function useJobKeys(
    number: number,
    here: StationName | undefined,
    stations: Station[] | undefined,
    {
        undo,
        redo,
        turnHistory,
    }: { undo: () => Promise<void>; redo: () => Promise<void>; turnHistory: () => void },
) {
    const go = useNavigate();
    useEffect(() => {
        const keys = (event: KeyboardEvent) => {
            if (isTyping(event)) return;
            const station = stations?.[event.key === '0' ? 9 : Number(event.key) - 1];
            if (station) void go(`/jobs/${number}/${station.name}`);
            if (event.key === 'u') void undo();
            if (event.key === 'U') void redo();
            if (event.key === 'h') turnHistory();
            if (event.key === 'p') void go(`/print/${number}/${(here && STATIONS[here]?.printed) ?? 'card'}`);
        };
        window.addEventListener('keydown', keys);
        return () => window.removeEventListener('keydown', keys);
    }, [stations, number, here, go, undo, redo, turnHistory]);
}
