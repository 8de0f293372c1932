import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, Station } from '../api/types';
import { answerOf } from './answers';
import { say, useUnits } from '../bench/units';
import { pathWords } from '../shell/catalogue';
import { typedOf } from './held';
import type { Work } from './useJob';
import { Act } from '../bench/Act';

/** Whether the application has what was typed. */
export function Saved({ work }: { work: Work }) {
    const pending = Object.keys(work.waiting).length;
    const wrong = Object.keys(work.errors).length;
    const down = work.trouble !== null && pending > 0;
    const words = down
        ? work.trouble === 'line'
            ? 'line down: kept here, will be sent'
            : `kept here, tried again: ${work.trouble}`
        : wrong > 0
          ? 'not saved: see the figure marked'
          : work.sending
            ? 'saving…'
            : pending > 0
              ? 'being typed'
              : 'saved';
    return (
        <Box role="status" data-testid="saved" fontSize="14px" color={down || wrong > 0 ? 'hot' : 'soft'}>
            {words}
        </Box>
    );
}

/** What stands between the goldsmith and the job: a refusal, a clash with another screen, a signed figure that drifted. */
export function Notices({
    work,
    drift,
    catalogue,
}: {
    work: Work;
    drift: Station['drift'];
    catalogue: Catalogue;
}) {
    const { units } = useUnits();
    const quantity = (use: string, result: string) =>
        catalogue.sheets
            .find((sheet) => sheet.name === ((work.job ? answerOf(work.job, use)?.sheet : undefined) ?? use))
            ?.results.find((one) => one.name === result)?.quantity;
    return (
        <>
            {work.notice ? (
                <Flex
                    role="alert"
                    borderLeftWidth="3px"
                    borderColor="hot"
                    pl={3}
                    my={2}
                    align="center"
                    gap={3}
                >
                    <Box>{work.notice}</Box>
                    {work.undone ? (
                        <Act kind="line" onClick={() => void work.redo()}>
                            Put it back
                        </Act>
                    ) : null}
                    <Act kind="quiet" onClick={() => work.setNotice(null)}>
                        close
                    </Act>
                </Flex>
            ) : null}
            {work.clashes.length > 0 ? (
                <Box role="alert" borderLeftWidth="3px" borderColor="brass" pl={3} my={2} data-testid="clash">
                    <Box fontWeight="600">Changed on another screen meanwhile</Box>
                    {work.clashes.map((clash) => (
                        <Box key={clash.path}>
                            {pathWords(clash.path)}: yours is {typedOf(clash.to)}, there it is now{' '}
                            {typedOf(clash.present)}
                        </Box>
                    ))}
                    <Flex gap={2} mt={1}>
                        <Act kind="main" onClick={() => work.answer(true)}>
                            Keep mine
                        </Act>
                        <Act kind="line" onClick={() => work.answer(false)}>
                            Take theirs
                        </Act>
                    </Flex>
                </Box>
            ) : null}
            {drift.length > 0 ? (
                <Box borderLeftWidth="3px" borderColor="brass" pl={3} my={2} data-testid="drift">
                    <Box fontWeight="600">Something before this changed since it was signed off</Box>
                    {drift.slice(0, 4).map((one) => (
                        <Box key={one.use + one.result} fontSize="14.5px">
                            {one.label}: signed at{' '}
                            {say(one.signed, quantity(one.use, one.result), units).figure}, now{' '}
                            {say(one.now, quantity(one.use, one.result), units).figure}
                        </Box>
                    ))}
                    {drift.length > 4 ? (
                        <Box fontSize="14px" color="soft">
                            and {drift.length - 4} more
                        </Box>
                    ) : null}
                </Box>
            ) : null}
        </>
    );
}
