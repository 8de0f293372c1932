/** A level's shape: a filled octagon stops, a triangle cautions, a ring notes. Never colour alone. */
export function LevelMark({ level, size = 16 }: { level: string; size?: number }) {
    const colour = {
        stop: 'var(--chakra-colors-hot)',
        caution: 'var(--chakra-colors-brass)',
        note: 'var(--chakra-colors-soft)',
    }[level];
    return (
        <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true" style={{ flexShrink: 0 }}>
            {level === 'stop' ? <path d="M5 1h6l4 4v6l-4 4H5l-4-4V5z" fill={colour} /> : null}
            {level === 'caution' ? (
                <path d="M8 2 15 14H1z" fill="none" stroke={colour} strokeWidth="2" />
            ) : null}
            {level === 'note' ? (
                <circle cx="8" cy="8" r="5.5" fill="none" stroke={colour} strokeWidth="2" />
            ) : null}
        </svg>
    );
}
