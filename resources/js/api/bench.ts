import type { Answer } from './types';

export interface Sample {
    name: string;
    form: string;
    grade: string;
    start: number;
    broken: number;
    where: string;
}
export interface StretchTests {
    tests: { id: number; tested_on: string; note: string; samples: Sample[]; answer: Answer }[];
    learned: { form: string; grade: string; samples: number; strain: number; at_joint: number }[];
}
