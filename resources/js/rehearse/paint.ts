import type { Shown } from './useTorch';
import { MOMENT, radius, type Contact, type Flame, type Outline, type Torch } from './torch';

/** Cold metal by its colour, as a lamp shows it. */
const METAL: Record<string, [number, number, number]> = {
    white: [197, 196, 190],
    yellow: [205, 168, 82],
    rose: [203, 146, 112],
};

/** What glows adds to it, from none to as bright as it gets. */
const GLOWS: [number, number, number][] = [
    [0, 0, 0],
    [96, 14, 6],
    [168, 30, 12],
    [222, 70, 22],
    [247, 128, 44],
    [255, 206, 120],
];

export interface Sheet {
    /** px a mm, and where the middle of the piece lies, px. */
    scale: number;
    x: number;
    y: number;
    width: number;
    height: number;
}

/** Where the piece lies on a canvas of this size, with room round it for the flame. */
export function sheetOf(outlines: Outline[], width: number, height: number): Sheet {
    const points = outlines.flatMap((one) => one.points);
    const [xs, ys] = [points.map((one) => one[0] ?? 0), points.map((one) => one[1] ?? 0)];
    const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    const room = 6;
    const scale = Math.min(width / (right - left + 2 * room), height / (bottom - top + 2 * room));
    return {
        scale,
        x: width / 2 - ((left + right) / 2) * scale,
        y: height / 2 - ((top + bottom) / 2) * scale,
        width,
        height,
    };
}

const between = (from: number, to: number, share: number) => from + (to - from) * share;

function colour(outline: Outline, glow: number, black: boolean, dark: boolean): string {
    const cold = METAL[outline.colour] ?? METAL.white!;
    const lamp = dark ? 0.22 : black ? 0.3 : 1;
    const below = GLOWS[Math.min(GLOWS.length - 1, Math.floor(glow))]!;
    const above = GLOWS[Math.min(GLOWS.length - 1, Math.floor(glow) + 1)]!;
    const share = glow - Math.floor(glow);
    // A glow is seen over the lamp’s light, and takes its place as it grows.
    const weight = Math.min(1, glow / 1.5);
    const mixed = [0, 1, 2].map((at) =>
        Math.round(
            cold[at]! * lamp * (1 - weight) + between(below[at]!, above[at]!, share) * Math.min(1, glow),
        ),
    );
    return `rgb(${mixed.map((one) => Math.min(255, one)).join(',')})`;
}

function block(pen: CanvasRenderingContext2D, sheet: Sheet, support: string, dark: boolean): void {
    const stone = { charcoal: '#38332e', firebrick: '#b49a7d', 'third-arm': '#6d665c' }[support] ?? '#38332e';
    pen.fillStyle = dark ? '#14120f' : stone;
    pen.fillRect(0, 0, sheet.width, sheet.height);
    pen.strokeStyle = dark ? '#1d1a16' : 'rgba(0,0,0,0.18)';
    pen.lineWidth = 1;
    for (let at = 18; at < sheet.height; at += 26) {
        pen.beginPath();
        pen.moveTo(0, at);
        pen.bezierCurveTo(sheet.width / 3, at + 7, sheet.width / 1.6, at - 7, sheet.width, at + 3);
        pen.stroke();
    }
}

function joint(
    pen: CanvasRenderingContext2D,
    sheet: Sheet,
    contact: Contact,
    shown: Shown,
    time: number,
): void {
    const [one, other] = [shown.now.nodes[contact.from], shown.now.nodes[contact.to]];
    if (!one || !other) return;
    const at = (share: number): [number, number] => [
        sheet.x + between(one.x_mm, other.x_mm, share) * sheet.scale,
        sheet.y + between(one.y_mm, other.y_mm, share) * sheet.scale,
    ];
    // At the foot of the lighter side, which stands on the other.
    const [x, y] = at(one.part === other.part ? 0.5 : one.mass_g < other.mass_g ? 0.3 : 0.7);
    const size = Math.max(5, 1.1 * sheet.scale);
    const flux = {
        wet: ['rgba(250,250,240,0.35)', 1.5],
        boiling: ['rgba(250,250,245,0.6)', 1.7],
        crust: ['rgba(252,252,248,0.92)', 1.6],
        clear: ['rgba(190,235,225,0.45)', 1.5],
        spent: ['rgba(92,84,60,0.75)', 1.5],
    }[contact.flux] as [string, number] | undefined;
    if (flux && contact.now) {
        pen.fillStyle = flux[0];
        pen.beginPath();
        pen.arc(x, y, size * flux[1], 0, 2 * Math.PI);
        pen.fill();
        if (contact.flux === 'boiling') {
            pen.strokeStyle = 'rgba(255,255,255,0.9)';
            for (let bubble = 0; bubble < 5; bubble++) {
                const turn = bubble * 1.3 + time / 140;
                const rise = ((time / 300 + bubble * 0.37) % 1) * size * 0.5;
                pen.beginPath();
                pen.arc(x + Math.cos(turn) * size, y + Math.sin(turn) * size, 1 + rise / 2, 0, 2 * Math.PI);
                pen.stroke();
            }
        }
        if (contact.flux === 'clear') {
            pen.fillStyle = 'rgba(255,255,255,0.75)';
            pen.beginPath();
            pen.ellipse(x - size * 0.5, y - size * 0.5, size * 0.35, size * 0.18, -0.6, 0, 2 * Math.PI);
            pen.fill();
        }
    }
    if (contact.solder === 'laid') {
        pen.fillStyle = '#e9e6da';
        pen.strokeStyle = '#26241f';
        pen.fillRect(x - size / 2, y - size / 2, size, size);
        pen.strokeRect(x - size / 2, y - size / 2, size, size);
    }
    if (contact.solder === 'balled') {
        const [bx, by] = at((contact.ahead_c ?? 0) >= 0 ? 0.2 : 0.8);
        pen.fillStyle = '#f4f2ea';
        pen.strokeStyle = '#26241f';
        pen.beginPath();
        pen.arc(bx, by, size * 0.7, 0, 2 * Math.PI);
        pen.fill();
        pen.stroke();
    }
    if (contact.solder === 'flowed' && contact.now) {
        const flash = shown.flashes.find((one) => one.joint === contact.joint);
        const bright = flash ? Math.max(0, 1 - (time - flash.since) / (4 * MOMENT)) : 0;
        pen.strokeStyle = contact.pitted ? '#6b6558' : `rgba(255,255,${Math.round(230 + 25 * bright)},0.95)`;
        pen.lineWidth = size * ((one.part === other.part ? 0.5 : 1.3) + bright);
        pen.lineCap = 'round';
        // Along a seam as long as it lies there; round the foot of what stands on another.
        const [ax, ay] = [other.y_mm - one.y_mm, one.x_mm - other.x_mm];
        const half =
            one.part === other.part
                ? (contact.length_mm * sheet.scale) / 2 / (Math.hypot(ax, ay) || 1)
                : 0.001;
        pen.beginPath();
        pen.moveTo(x - ax * half, y - ay * half);
        pen.lineTo(x + ax * half, y + ay * half);
        pen.stroke();
    }
    if (!contact.now && contact.guarded) {
        pen.fillStyle = 'rgba(150,110,70,0.9)';
        pen.beginPath();
        pen.arc(x, y, size * 1.1, 0, 2 * Math.PI);
        pen.fill();
    }
}

function flameOn(pen: CanvasRenderingContext2D, sheet: Sheet, torch: Torch, flame: Flame): void {
    const [x, y] = [sheet.x + flame.x * sheet.scale, sheet.y + flame.y * sheet.scale];
    const wide = radius(torch, flame) * sheet.scale;
    if (flame.on) {
        const cone = pen.createRadialGradient(x, y, 0, x, y, 1.5 * wide);
        const strong = 0.5 / flame.distance;
        cone.addColorStop(0, `rgba(150,205,255,${strong})`);
        cone.addColorStop(0.35, `rgba(110,150,255,${strong * 0.55})`);
        cone.addColorStop(0.7, `rgba(255,170,90,${strong * 0.35})`);
        cone.addColorStop(1, 'rgba(255,150,60,0)');
        pen.fillStyle = cone;
        pen.beginPath();
        pen.arc(x, y, 1.5 * wide, 0, 2 * Math.PI);
        pen.fill();
    }
    pen.strokeStyle = flame.on ? 'rgba(205,228,255,0.9)' : 'rgba(245,240,230,0.75)';
    pen.lineWidth = 1.5;
    pen.setLineDash(flame.on ? [] : [5, 5]);
    pen.beginPath();
    pen.arc(x, y, wide, 0, 2 * Math.PI);
    pen.stroke();
    pen.setLineDash([]);
    pen.beginPath();
    pen.arc(x, y, 3, 0, 2 * Math.PI);
    pen.stroke();
}

/** Draws the piece as it looks at a time, between the two moments that are known. */
export function paint(
    pen: CanvasRenderingContext2D,
    sheet: Sheet,
    what: { outlines: Outline[]; shown: Shown; flame: Flame; torch: Torch; dark: boolean; support: string },
    time: number,
): void {
    const { outlines, shown, dark } = what;
    const share = Math.min(1, (time - shown.since) / MOMENT);
    block(pen, sheet, what.support, dark);
    outlines.forEach((outline, at) => {
        const node = shown.now.nodes[at];
        if (!node) return;
        const glow = between(shown.before.glows[at] ?? 0, shown.now.glows[at] ?? 0, share);
        pen.fillStyle = colour(outline, glow, node.black, dark);
        pen.strokeStyle = pen.fillStyle;
        pen.lineWidth = node.slumped ? Math.max(3, 0.9 * sheet.scale) : 1;
        pen.lineJoin = 'round';
        pen.beginPath();
        outline.points.forEach(([x = 0, y = 0], corner) => {
            const [px, py] = [sheet.x + x * sheet.scale, sheet.y + y * sheet.scale];
            if (corner === 0) pen.moveTo(px, py);
            else pen.lineTo(px, py);
        });
        pen.closePath();
        pen.fill();
        pen.stroke();
        if (node.sink_s > 0) {
            pen.fillStyle = 'rgba(120,150,170,0.75)';
            pen.beginPath();
            pen.arc(
                sheet.x + node.x_mm * sheet.scale,
                sheet.y + node.y_mm * sheet.scale,
                Math.max(4, 1.2 * sheet.scale),
                0,
                2 * Math.PI,
            );
            pen.fill();
        }
    });
    for (const contact of shown.now.contacts) joint(pen, sheet, contact, shown, time);
    flameOn(pen, sheet, what.torch, what.flame);
}
