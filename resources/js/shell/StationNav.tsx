import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import { Link } from 'react-router';
import type { Job, Station } from '../api/types';
import { LevelMark } from '../bench/marks';

const STEP = 50;

const STATES = { signed: 'signed off', open: 'open', reopened: 'reopened', 'not-needed': 'not needed' };

const QUOTED = {
    none: 'no quote yet',
    made: 'quote made',
    sent: 'quote sent',
    accepted: 'quote accepted',
    declined: 'quote declined',
};

type Stop = { name: string; label: string; said: string; state: string; worst?: Station['worst'] };

/** A job's stations as rings on a sprue's stem, the button at its foot; its price stands behind its stones. */
export const StationNav = memo(function StationNav({
    stations,
    here,
    number,
    quoted,
}: {
    stations: Station[];
    here: string;
    number: number;
    quoted: NonNullable<Job['quoted']>;
}) {
    const stops: Stop[] = stations.map((one) => ({ ...one, said: STATES[one.state as keyof typeof STATES] }));
    const price: Stop = {
        name: 'price',
        label: 'Price',
        said: QUOTED[quoted],
        state: quoted === 'accepted' ? 'signed' : 'open',
    };
    stops.splice(stops.filter((one) => BEFORE_PRICE.includes(one.name)).length, 0, price);
    const done = stops.findIndex((one) => one !== price && !['signed', 'not-needed'].includes(one.state));
    const passed = done < 0 ? stops.length : done;
    const high = stops.length * STEP + 26;
    return (
        <Box
            as="nav"
            aria-label="Stations"
            position="relative"
            w={{ base: 'auto', lg: '178px' }}
            flexShrink={0}
            pt={2}
        >
            <Box hideBelow="lg" position="absolute" left="20px" top={0} aria-hidden="true">
                <svg width="30" height={high} viewBox={`0 0 30 ${high}`}>
                    <path
                        d={`M10 0V${high - 22}L4 ${high}H22L16 ${high - 22}V0z`}
                        fill="var(--chakra-colors-rule)"
                    />
                    <path d={`M10 0V${passed * STEP}H16V0z`} fill="var(--chakra-colors-ink)" />
                </svg>
            </Box>
            <Box
                as="ol"
                listStyleType="none"
                display={{ base: 'flex', lg: 'block' }}
                // On a phone the stations are a strip that is drawn along.
                flexWrap={{ base: 'nowrap', md: 'wrap' }}
                overflowX={{ base: 'auto', md: 'visible' }}
                scrollbarWidth="none"
                position="relative"
            >
                {stops.map((stop, index) => (
                    <Box as="li" key={stop.name} h={`${STEP}px`}>
                        <StopLink
                            stop={stop}
                            to={`/jobs/${number}/${stop.name}`}
                            isHere={stop.name === here}
                            isPassed={index < passed}
                        />
                    </Box>
                ))}
            </Box>
        </Box>
    );
});

/** What is priced is decided by then. */
const BEFORE_PRICE = ['brief', 'form', 'sizing', 'stones'];

function StopLink({
    stop,
    to,
    isHere,
    isPassed,
}: {
    stop: Stop;
    to: string;
    isHere: boolean;
    isPassed: boolean;
}) {
    const signed = stop.state === 'signed';
    const colour = isHere ? 'var(--chakra-colors-verdigris)' : 'var(--chakra-colors-ink)';
    return (
        <Link
            to={to}
            aria-current={isHere ? 'step' : undefined}
            aria-label={`${stop.label}, ${stop.said}${stop.worst ? `, has a ${stop.worst}` : ''}`}
            style={{
                display: 'flex',
                alignItems: 'center',
                gap: 12,
                minHeight: STEP,
                paddingLeft: 33,
                paddingRight: 8,
            }}
        >
            <svg width="34" height="26" viewBox="0 0 34 26" aria-hidden="true" style={{ flexShrink: 0 }}>
                <path
                    d="M0 20C3 14 6 13 12 13"
                    fill="none"
                    stroke={isPassed ? 'var(--chakra-colors-ink)' : 'var(--chakra-colors-rule)'}
                    strokeWidth="3"
                />
                <circle
                    cx="21"
                    cy="13"
                    r={isHere ? 10 : 8}
                    fill={signed ? colour : 'var(--chakra-colors-paper)'}
                    stroke={signed || isHere ? colour : 'var(--chakra-colors-soft)'}
                    strokeWidth={isHere ? 4 : 2}
                />
                {signed ? (
                    <path
                        d="m17 13 3 3 5-6"
                        fill="none"
                        stroke="var(--chakra-colors-paper)"
                        strokeWidth="2"
                    />
                ) : null}
                {stop.state === 'not-needed' ? (
                    <path d="M17 13h8" stroke="var(--chakra-colors-soft)" strokeWidth="2" />
                ) : null}
            </svg>
            <Box as="span" fontSize="16px" whiteSpace="nowrap" fontWeight={isHere ? 600 : 400}>
                {stop.label}
            </Box>
            {stop.worst ? <LevelMark level={stop.worst} /> : null}
        </Link>
    );
}
