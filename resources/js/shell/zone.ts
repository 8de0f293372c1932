/** The workshop's time zone: what every hour on the screen and on paper is said in. */
let zone = 'UTC';

export function setZone(name: string): void {
    zone = name;
    clocks = null;
}

/** Made once for each zone: to make one takes longer than to draw a page of figures. */
let clocks: Intl.DateTimeFormat | null = null;

/** What the clock on the workshop's wall says at a moment: `2026-12-01T14:00`. A moment without a zone is one already. */
export function wall(moment: string): string {
    if (!/(Z|[+-]\d\d:\d\d)$/.test(moment)) return moment.slice(0, 16);
    clocks ??= new Intl.DateTimeFormat('en-GB', {
        timeZone: zone,
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
        hour: '2-digit',
        minute: '2-digit',
        hourCycle: 'h23',
    });
    const at = Object.fromEntries(
        clocks.formatToParts(new Date(moment)).map((part) => [part.type, part.value]),
    );
    return `${at.year}-${at.month}-${at.day}T${at.hour}:${at.minute}`;
}

/** The workshop's day now: `2026-12-01`. */
export const today = () => wall(new Date().toISOString()).slice(0, 10);

export const MINUTE = 60_000;
export const DAY = 1440 * MINUTE;

/** A moment as the workshop's wall has it, in milliseconds that are only good beside one another. */
export const at = (moment: string) => Date.parse(`${wall(moment)}:00Z`);

/** The same said back, as the clock on the wall says it. */
export const said = (wallTime: number) => new Date(wallTime).toISOString().slice(0, 16);

export const clock = (wallTime: number) => said(wallTime).slice(11);

const days = new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
});

/** Its day as one says it: `Tue 1 Dec`. */
export const dayOf = (wallTime: number) => days.format(wallTime);
