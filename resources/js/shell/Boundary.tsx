import { Box } from '@chakra-ui/react';
import { Component, type ReactNode } from 'react';
import { Act } from '../bench/Act';

interface Props {
    /** The address of the page: at another, it is drawn anew. */
    at: string;
    children: ReactNode;
}

/** Stands round a page: where it cannot be drawn, it says so, keeps what was typed, and goes on. */
export class Boundary extends Component<Props, { failed: Error | null }> {
    override state: { failed: Error | null } = { failed: null };

    override componentDidUpdate(before: Props) {
        if (before.at !== this.props.at && this.state.failed) this.setState({ failed: null });
    }

    static getDerivedStateFromError(failed: Error) {
        return { failed };
    }

    override render() {
        const { failed } = this.state;
        if (!failed) return this.props.children;
        return (
            <Box as="main" p={8} role="alert" data-testid="boundary" maxW="640px">
                <Box as="h1" fontSize="24px" fontWeight="600" mb={2}>
                    This page could not be drawn
                </Box>
                <Box mb={3}>
                    What you typed is kept and will be saved. Draw the page again; if it happens once more, go
                    on at another page and tell who looks after Hot Sprue: “{failed.message}”.
                </Box>
                <Act kind="main" onClick={() => this.setState({ failed: null })}>
                    Draw it again
                </Act>
            </Box>
        );
    }
}
