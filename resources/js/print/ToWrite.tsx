/** Room to write by hand, under words that say what. */
export function ToWrite({ lines }: { lines: string[] }) {
    return (
        <div className="to-write">
            {lines.map((line) => (
                <div key={line}>{line}</div>
            ))}
        </div>
    );
}
