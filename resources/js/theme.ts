import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react';

const both = (light: string, dark: string) => ({ value: { base: light, _dark: dark } });

/** Paper, graphite and metal; brass measures, verdigris is touched, and the hot colour is heat and stops. */
const config = defineConfig({
    theme: {
        tokens: {
            fonts: { body: { value: 'Barlow, sans-serif' }, heading: { value: 'Barlow, sans-serif' } },
        },
        semanticTokens: {
            colors: {
                paper: both('#f5f0e6', '#1b1a17'),
                card: both('#fcfaf4', '#26241f'),
                sunk: both('#ebe4d5', '#302d27'),
                ink: both('#26241f', '#efe9dc'),
                soft: both('#665f52', '#b3aa98'),
                rule: both('#cfc6b4', '#48443a'),
                // What is typed into or pressed stands out by 3:1.
                edge: both('#8b8170', '#7d7768'),
                brass: both('#7d5c14', '#d8b25a'),
                verdigris: both('#1f5f54', '#7cc4b4'),
                onVerdigris: both('#fcfaf4', '#10201c'),
                hot: both('#b93d06', '#ff8e52'),
                onHot: both('#ffffff', '#241005'),
            },
        },
    },
    globalCss: {
        html: { colorPalette: 'gray' },
        body: {
            bg: 'paper',
            color: 'ink',
            fontSize: '15.5px',
            lineHeight: 1.35,
            fontVariantNumeric: 'tabular-nums',
        },
        // Where the head is full, Rehearse is reached from Sums, from the stations and by its key.
        '.page': { display: 'flex' },
        '.page-when-wide': {
            display: 'none',
            '@media (min-width: 1536px), (max-width: 47.99em)': { display: 'flex' },
        },
        '*:focus-visible': {
            outline: '3px solid var(--chakra-colors-verdigris) !important',
            outlineOffset: '2px',
        },
        '*, *::before, *::after': {
            _motionReduce: { animation: 'none !important', transition: 'none !important' },
        },
    },
});

export const system = createSystem(defaultConfig, config);
