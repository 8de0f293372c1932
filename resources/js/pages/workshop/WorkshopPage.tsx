import { Box } from '@chakra-ui/react';
import { Calendars } from './Calendars';
import { Hands } from './Hands';
import { House } from './House';
import { InvoiceWords } from './InvoiceWords';
import { JournalLines } from './JournalLines';
import { PeopleList } from './PeopleList';
import { useTitle } from '../../shell/useTitle';

/** The workshop as a house: its hours, its backups, who works here, and its journal. */
export default function WorkshopPage() {
    useTitle('Workshop');
    return (
        <Box as="main" px={5} py={5} maxW="980px" w="full" mx="auto">
            <Box as="h1" fontSize="24px" fontWeight="600" mb={2}>
                Workshop
            </Box>
            <House />
            <PeopleList />
            <Hands />
            <Calendars />
            <InvoiceWords />
            <JournalLines />
        </Box>
    );
}
