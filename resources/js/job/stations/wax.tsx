import { Flex } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import { Act } from '../../bench/Act';
import { ClayFiring } from '../ClayFiring';
import { ClientReview } from '../ClientReview';
import { GridList } from '../GridList';
import { LetterTable } from '../LetterTable';
import { PatternFile } from '../PatternFile';
import { Readings } from '../Readings';
import { SolidLook } from '../../solid/SolidLook';
import type { StationPage, StationProps } from './StationPage';

export const wax: StationPage = {
    Under: PrintIt,
    Below: ({ work, catalogue, job, drawn }: StationProps) => (
        <>
            <SolidLook work={work} stages={['wax', 'blank', 'cast', 'finished']} />
            {drawn ? <GridList work={work} /> : null}
            <LetterTable job={job} />
            <ClayFiring work={work} />
            <Readings
                group="attempts"
                title="Wax on the bench"
                again="carve again"
                work={work}
                catalogue={catalogue}
            />
            <PatternFile work={work} catalogue={catalogue} />
            <ClientReview work={work} />
        </>
    ),
    // What a pattern measures stands with its file.
    isElsewhere: (path) => path.startsWith('wax.file_'),
    hasScales: true,
    printed: 'template',
};

function PrintIt({ job, drawn }: StationProps) {
    const go = useNavigate();
    if (!drawn) return null;
    return (
        <Flex justify="end">
            <Act kind="turn" onClick={() => void go(`/print/${job.number}/template`)}>
                print at 1:1
            </Act>
        </Flex>
    );
}
