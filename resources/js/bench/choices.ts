import type { Field } from '../api/types';

/** A choice as one says it. */
export function saidChoice(
    field: Pick<Field, 'quantity'> & Partial<Pick<Field, 'sayings'>>,
    choice: string,
): string {
    if (field.quantity === 'yes-no') return choice === 'true' ? 'yes' : 'no';
    return field.sayings?.[choice] ?? choice.replaceAll('-', ' ');
}
