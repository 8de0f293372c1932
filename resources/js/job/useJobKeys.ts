import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import type { Station, StationName } from '../api/types';
import { isForField, isTyping } from '../shell/Shell';
import { STATIONS } from './stations';

/** Which way Ctrl or Cmd with Z or Y turns the job; a field that is in hand takes back its own letters. */
function turned(event: KeyboardEvent): 'undo' | 'redo' | null {
    if (!(event.ctrlKey || event.metaKey) || event.altKey || isForField(event)) return null;
    const key = event.key.toLowerCase();
    if (key === 'y' || (key === 'z' && event.shiftKey)) return 'redo';
    return key === 'z' ? 'undo' : null;
}

/** Keys of a job's page: a digit for a station, undo and redo, history, print. */
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
            const way = turned(event);
            if (way !== null) {
                event.preventDefault();
                void (way === 'undo' ? undo() : redo());
            }
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
