import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import { Link } from 'react-router';
import type { Station } from '../api/types';
import { LevelMark } from '../bench/marks';

const STEP = 56;

/** A job's stations as rings on a sprue's stem, the button at its foot. */
export const StationNav = memo(function StationNav({
    stations,
    here,
    number,
}: {
    stations: Station[];
    here: string;
    number: number;
}) {
    const done = stations.findIndex((station) => !['signed', 'not-needed'].includes(station.state));
    const reach = (done < 0 ? stations.length : done) * STEP;
    const high = stations.length * STEP + 26;
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
                    <path d={`M10 0V${reach}H16V0z`} fill="var(--chakra-colors-ink)" />
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
                {stations.map((station, index) => {
                    const signed = station.state === 'signed';
                    const current = station.name === here;
                    const colour = current ? 'var(--chakra-colors-verdigris)' : 'var(--chakra-colors-ink)';
                    const said = {
                        signed: 'signed off',
                        open: 'open',
                        reopened: 'reopened',
                        'not-needed': 'not needed',
                    }[station.state];
                    return (
                        <Box as="li" key={station.name} h={`${STEP}px`}>
                            <Link
                                to={`/jobs/${number}/${station.name}`}
                                aria-current={current ? 'step' : undefined}
                                aria-label={`${station.label}, ${said}${station.worst ? `, has a ${station.worst}` : ''}`}
                                style={{
                                    display: 'flex',
                                    alignItems: 'center',
                                    gap: 12,
                                    minHeight: STEP,
                                    paddingLeft: 33,
                                    paddingRight: 8,
                                }}
                            >
                                <svg
                                    width="34"
                                    height="26"
                                    viewBox="0 0 34 26"
                                    aria-hidden="true"
                                    style={{ flexShrink: 0 }}
                                >
                                    <path
                                        d="M0 20C3 14 6 13 12 13"
                                        fill="none"
                                        stroke={
                                            index < (done < 0 ? 99 : done)
                                                ? 'var(--chakra-colors-ink)'
                                                : 'var(--chakra-colors-rule)'
                                        }
                                        strokeWidth="3"
                                    />
                                    <circle
                                        cx="21"
                                        cy="13"
                                        r={current ? 10 : 8}
                                        fill={signed ? colour : 'var(--chakra-colors-paper)'}
                                        stroke={signed || current ? colour : 'var(--chakra-colors-soft)'}
                                        strokeWidth={current ? 4 : 2}
                                    />
                                    {signed ? (
                                        <path
                                            d="m17 13 3 3 5-6"
                                            fill="none"
                                            stroke="var(--chakra-colors-paper)"
                                            strokeWidth="2"
                                        />
                                    ) : null}
                                    {station.state === 'not-needed' ? (
                                        <path
                                            d="M17 13h8"
                                            stroke="var(--chakra-colors-soft)"
                                            strokeWidth="2"
                                        />
                                    ) : null}
                                </svg>
                                <Box
                                    as="span"
                                    fontSize="16px"
                                    whiteSpace="nowrap"
                                    fontWeight={current ? 600 : 400}
                                >
                                    {station.label}
                                </Box>
                                {station.worst ? <LevelMark level={station.worst} /> : null}
                            </Link>
                        </Box>
                    );
                })}
            </Box>
        </Box>
    );
});
