import type { Schemas } from '../api/types';
import { Choose } from './Choose';

/** How the piece lies when it is begun: on what, and whether it is coated, fluxed and its solder laid. */
export interface Laid {
    support: string | null;
    isBare: boolean;
}

const SUPPORTS: [string, string][] = [
    ['charcoal', 'on charcoal'],
    ['firebrick', 'on firebrick'],
    ['third-arm', 'in a third arm'],
];
const READY: [string, string][] = [
    ['ready', 'coated, fluxed, solder laid'],
    ['bare', 'bare: all of that is yours'],
];
interface Props {
    lesson: Schemas['HeatLesson'];
    torch: string;
    /** Whether it is begun, so that none of this can be changed. */
    isSet: boolean;
    /** Whether it is played from moves; the piece then lies as it lay. */
    isPlayed: boolean;
    onLay: (laid: Partial<Laid>) => void;
    onTorch: (torch: string) => void;
}

/** What is settled before the torch is lit: which torch, what the piece lies on, and what was done to it. */
export function SetUp({ lesson, torch, isSet, isPlayed, onLay, onTorch }: Props) {
    return (
        <>
            <Choose
                label="Torch"
                value={torch}
                isSet={isSet}
                options={lesson.torches.map((one) => [one.name, one.label])}
                onChange={onTorch}
            />
            <Choose
                label="Lies on"
                value={lesson.support}
                isSet={isSet}
                options={SUPPORTS}
                onChange={(support) => onLay({ support })}
            />
            {isPlayed ? null : (
                <Choose
                    label="Begins"
                    value={lesson.bare ? 'bare' : 'ready'}
                    isSet={isSet}
                    options={READY}
                    onChange={(ready) => onLay({ isBare: ready === 'bare' })}
                />
            )}
        </>
    );
}
