/** Sheets of paper by the kind of job they are of, in the order of the bench: address and what the menu says. */
const OF_RING: [string, string][] = [
    ['card', 'Print the job card'],
    ['quote', 'Print the quote'],
    ['labels', 'Print labels'],
    ['stones', 'Print the stones at 1:1'],
    ['template', 'Print the 1:1 template'],
    ['kiln', 'Print the kiln card'],
    ['casting', 'Print the casting sheet'],
    ['join', 'Print the heats'],
    ['handover', 'Print the hand-over sheet'],
];
const CASTING_ALONE = ['template', 'kiln', 'casting'];

export function sheetsOf(kind: string | undefined): [string, string][] {
    if (kind === 'sizing')
        return [
            ['card', 'Print the job card'],
            ['sizing', 'Print the sizing'],
            ...OF_RING.filter(([name]) => ['quote', 'labels', 'join', 'handover'].includes(name)),
        ];
    return kind === 'fabricated' ? OF_RING.filter(([name]) => !CASTING_ALONE.includes(name)) : OF_RING;
}
