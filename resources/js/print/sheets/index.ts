import type { ComponentType } from 'react';
import type { StationName } from '../../api/types';
import type { Printed } from '../parts';
import { CastingSheet } from './CastingSheet';
import { HandOverSheet } from './HandOverSheet';
import { HeatSheet } from './HeatSheet';
import { JobCard } from './JobCard';
import { LabelSheet } from './LabelSheet';
import { QuoteSheet } from './QuoteSheet';
import { InvoiceSheet, ReceiptSheet } from './Receipts';
import { SizingSheet } from './SizingSheet';
import { KilnCard } from './KilnCard';
import { StoneSheet } from './StoneSheet';
import { WaxTemplate } from './WaxTemplate';

interface PrintSheet {
    /** The station whose answers and drawings it shows. */
    station: StationName;
    Page: ComponentType<Printed>;
    /** What is said beside the button, and not on paper. */
    advice?: string;
}

/** Every sheet that is printed of a job, by its name in the address. */
export const SHEETS: Record<string, PrintSheet> = {
    card: { station: 'wax', Page: JobCard },
    template: {
        station: 'wax',
        Page: WaxTemplate,
        advice: 'Print at 100 %, not “fit to page”, and check the bar.',
    },
    stones: { station: 'stones', Page: StoneSheet },
    kiln: { station: 'burnout', Page: KilnCard },
    casting: { station: 'pour', Page: CastingSheet },
    quote: { station: 'brief', Page: QuoteSheet },
    receipt: { station: 'brief', Page: ReceiptSheet },
    invoice: { station: 'brief', Page: InvoiceSheet },
    labels: { station: 'wax', Page: LabelSheet, advice: 'For label paper, or to be cut out and glued.' },
    sizing: { station: 'sizing', Page: SizingSheet },
    join: { station: 'join', Page: HeatSheet },
    handover: { station: 'handover', Page: HandOverSheet },
};
