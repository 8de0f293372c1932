const KEPT = 'hot-sprue.keys';

/** Whether single keys do anything: who leans on the keyboard with a sleeve turns them off. */
export function areKeysOn(): boolean {
    return localStorage.getItem(KEPT) !== 'off';
}

export function turnKeys(): boolean {
    localStorage.setItem(KEPT, areKeysOn() ? 'off' : 'on');
    return areKeysOn();
}
