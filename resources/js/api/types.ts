import type { components } from './contract';
import type { Results } from './results';

export type Schemas = components['schemas'];
/** The answers of a job by use: a result that no sheet gives is none in the types either. */
export type Answers = {
    [U in keyof Results]?: Omit<Schemas['Answer'], 'results'> & {
        results: { [R in keyof Results[U]]?: { value: Results[U][R]; unit: string | null } };
    };
};
export type Job = Omit<Schemas['Job'], 'answers'> & { answers: Answers };
export type Use = keyof Results;
export type JobRow = Schemas['JobRow'];
export type Today = Schemas['Today'];
export type Bench = Schemas['Bench'];
export type Clock = Schemas['Clock'];
export type Casting = Schemas['Casting'];
export type View = Schemas['View'];
export type Shape = Schemas['Shape'];
export type Dimension = Schemas['Dimension'];
export type Answer = Schemas['Answer'];
export type Working = Schemas['Working'];
export type Sum = Schemas['Sum'];
export type Finding = Schemas['ShownFinding'];
export type PlainFinding = Schemas['Finding'];
export type Figure = Schemas['Figure'];
export type ShownInput = Schemas['ShownInput'];
export type Station = Schemas['Station'];
export type StationName = Schemas['StationName'];
export type Field = Schemas['Field'];
export type Catalogue = Schemas['Catalogue'];
export type Sheet = Schemas['Sheet'];
export type Shop = Schemas['Shop'];
export type Reading = Schemas['Reading'];
export type Entry = Schemas['Entry'];
export type Difference = Schemas['Difference'];
export type Client = Schemas['Client'];
export type Looks = Schemas['Looks'];
export type Workshop = Schemas['Workshop'];
export type Journal = Schemas['Journal'];
export type People = Schemas['People'];
export type Lot = Schemas['Lot'];
export type Metal = Schemas['Metal'];
export type JobMetal = Schemas['JobMetal'];
export type Sample = Schemas['Sample'];
export type StretchTests = Schemas['StretchTests'];

/** A decision or a reading as it is kept: in the core's unit, and as it was said. */
export interface Kept {
    value: unknown;
    typed: string;
}
export interface Picture {
    key: string;
    about?: string;
    file: string;
    caption: string;
    width: number;
    height: number;
}
export interface Change {
    path: string;
    from: unknown;
    to: unknown;
}
export interface Clash extends Change {
    present: unknown;
}
export type Errors = Record<string, string[]>;
/** A client whose name a new one bears. */
export interface Known {
    id: number;
    name: string;
    contact: string;
}
