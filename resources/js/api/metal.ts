export interface Lot {
    id: number;
    name: string;
    kind: string;
    alloy: string;
    fineness: number;
    owner: string | null;
    job: number | null;
    origin: string;
    mass: number;
    fine: number;
}
interface Movement {
    id: number;
    kind: string;
    at: string;
    by: string | null;
    job: number | null;
    reason: string;
    loss: number;
    reverses: number | null;
    reversed: boolean;
    postings: { lot: number; name: string; alloy: string; mass: number }[];
}
interface Row {
    of: string;
    before_mg: number;
    in_mg: number;
    out_mg: number;
    now_mg: number;
    fine_mg: number;
}
export interface Metal {
    lots: Lot[];
    movements: Movement[];
    statement: Row[];
}
