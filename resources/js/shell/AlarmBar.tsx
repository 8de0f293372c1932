import { Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { Bench } from '../api/types';
import { useAlarmInTitle } from './useTitle';

/** A kiln's alarm on every page, in sight until somebody has seen to it, and spoken once. */
export function AlarmBar({ kiln }: { kiln: Bench['kiln'] }) {
    const alarms = kiln?.alarms ?? 0;
    useAlarmInTitle(alarms > 0);
    if (!kiln || alarms === 0) return null;
    return (
        <Flex
            role="alert"
            position="sticky"
            top={0}
            zIndex={5}
            bg="hot"
            color="onHot"
            px={5}
            minH="48px"
            align="center"
            gap={4}
            fontSize="18px"
            fontWeight="600"
            data-testid="alarm-bar"
        >
            {alarms === 1 ? 'The kiln has an alarm' : `The kiln has ${alarms} alarms`} that nobody has seen
            to.
            <Link to={`/casting/${kiln.run}`} className="see-to-it">
                See to it
            </Link>
        </Flex>
    );
}
