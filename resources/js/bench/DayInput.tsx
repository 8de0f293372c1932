import { Box, Input, type InputProps } from '@chakra-ui/react';
import { moment } from './units';

/** Where a browser lets its own writing of a day be hidden. */
const OURS = '@supports selector(::-webkit-datetime-edit)';

/**
 * A day, or an hour of it: written as the workshop writes days, and edited in the browser's own field. Browsers write
 * them each in their own way, some with the month before the day.
 */
export function DayInput({
    day,
    value,
    ...field
}: InputProps & {
    day: boolean;
    value: string;
}) {
    return (
        <Box
            position="relative"
            css={{
                [OURS]: {
                    '& input:not(:focus)::-webkit-datetime-edit': { opacity: 0 },
                    '& input:focus + span': { display: 'none' },
                    '& > span': { display: 'block' },
                },
            }}
        >
            <Input type={day ? 'date' : 'datetime-local'} value={value} {...field} />
            <Box
                as="span"
                display="none"
                position="absolute"
                top={0}
                left={0}
                right="34px"
                h={field.h}
                pb={field.pb}
                ps={field.px ?? 3}
                lineHeight={field.lineHeight ?? '44px'}
                fontSize={field.fontSize}
                fontWeight={field.fontWeight}
                whiteSpace="nowrap"
                overflow="hidden"
                pointerEvents="none"
                aria-hidden
            >
                {value ? moment(value) : '–'}
            </Box>
        </Box>
    );
}
