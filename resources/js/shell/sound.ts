const KEPT = 'hot-sprue.sound';
let context: AudioContext | null = null;

/** Whether this tablet may ring: allowed once, it stays allowed. */
export const isAllowed = () => localStorage.getItem(KEPT) === 'on';

/** Allows it for good; to be called from a press, as browsers ask. */
export function allow(): void {
    localStorage.setItem(KEPT, 'on');
    wake();
    ring();
}

/** A page that was opened anew may sound from the first press on. */
function wake(): void {
    context ??= new AudioContext();
    void context.resume();
}
if (isAllowed()) {
    window.addEventListener('pointerdown', wake, { once: true });
    window.addEventListener('keydown', wake, { once: true });
}

export function ring(): void {
    if (!context) return;
    for (const after of [0, 0.25, 0.5]) {
        const tone = context.createOscillator();
        const level = context.createGain();
        const begins = context.currentTime + after;
        tone.frequency.value = 880;
        level.gain.setValueAtTime(0.25, begins);
        level.gain.exponentialRampToValueAtTime(0.001, begins + 0.2);
        tone.connect(level).connect(context.destination);
        tone.start(begins);
        tone.stop(begins + 0.22);
    }
}

let torch: { stop: () => void } | null = null;

/** The sound of a torch, where this tablet may sound. */
export function hiss(isOn: boolean): void {
    if (!isOn || !context || torch) {
        if (!isOn) {
            torch?.stop();
            torch = null;
        }
        return;
    }
    const noise = context.createBuffer(1, context.sampleRate, context.sampleRate);
    const samples = noise.getChannelData(0);
    for (let at = 0; at < samples.length; at++) samples[at] = Math.random() * 2 - 1;
    const source = context.createBufferSource();
    source.buffer = noise;
    source.loop = true;
    const tone = context.createBiquadFilter();
    tone.type = 'bandpass';
    tone.frequency.value = 900;
    const level = context.createGain();
    level.gain.value = 0.05;
    source.connect(tone).connect(level).connect(context.destination);
    source.start();
    torch = { stop: () => source.stop() };
}
