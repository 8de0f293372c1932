/** The workshop's time zone: what every hour on the screen and on paper is said in. */
let zone = 'UTC';

export function setZone(name: string): void {
    zone = name;
}

const parts = (date: Date, options: Intl.DateTimeFormatOptions) =>
    Object.fromEntries(
        new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...options })
            .formatToParts(date)
            .map((part) => [part.type, part.value]),
    );

/** What the clock on the workshop's wall says at a moment: `2026-12-01T14:00`. A moment without a zone is one already. */
export function wall(moment: string): string {
    if (!/(Z|[+-]\d\d:\d\d)$/.test(moment)) return moment.slice(0, 16);
    const at = parts(new Date(moment), {
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
        hour: '2-digit',
        minute: '2-digit',
        hourCycle: 'h23',
    });
    return `${at.year}-${at.month}-${at.day}T${at.hour}:${at.minute}`;
}

/** The workshop's day now: `2026-12-01`. */
export const today = () => wall(new Date().toISOString()).slice(0, 10);
