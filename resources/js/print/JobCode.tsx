import { create } from 'qrcode';

/** The job's address as a code for a tablet's camera; mm a side. */
export function JobCode({ number, side = 22 }: { number: number; side?: number }) {
    const { modules } = create(`${window.location.origin}/jobs/${number}`, { errorCorrectionLevel: 'M' });
    const dark = Array.from(modules.data).flatMap((is, at) =>
        is ? `M${at % modules.size} ${Math.floor(at / modules.size)}h1v1h-1z` : [],
    );
    return (
        <svg
            className="job-code"
            width={`${side}mm`}
            height={`${side}mm`}
            viewBox={`-2 -2 ${modules.size + 4} ${modules.size + 4}`}
            role="img"
            aria-label={`Code that opens job ${number}`}
            shapeRendering="crispEdges"
        >
            <path d={dark.join('')} fill="#000" />
        </svg>
    );
}
