import { createSystem, defineConfig } from '@chakra-ui/react';
import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import {
    animationStyles,
    breakpoints,
    buttonRecipe,
    cssVarsPrefix,
    cssVarsRoot,
    dialogSlotRecipe,
    globalCss,
    iconRecipe,
    inputRecipe,
    keyframes,
    layerStyles,
    menuSlotRecipe,
    nativeSelectSlotRecipe,
    semanticTokens,
    spinnerRecipe,
    textareaRecipe,
    textStyles,
    tokens,
} from '@chakra-ui/react/theme';

const { transparent, current, black, white, blackAlpha, gray, red } = tokens.colors;
const { bg, fg, border, gray: grays } = semanticTokens.colors;

/**
 * What is used of Chakra's own theme: the whole of it, with its ten palettes and seventy kinds of component, is put
 * together twice before the first page is drawn, which takes longer than the page.
 */
const base = defineConfig({
    preflight: true,
    cssVarsPrefix,
    cssVarsRoot,
    globalCss,
    theme: {
        breakpoints,
        keyframes,
        textStyles,
        layerStyles,
        animationStyles,
        tokens: { ...tokens, colors: { transparent, current, black, white, blackAlpha, gray, red } },
        semanticTokens: { ...semanticTokens, colors: { bg, fg, border, gray: grays } },
        recipes: {
            button: buttonRecipe,
            icon: iconRecipe,
            input: inputRecipe,
            spinner: spinnerRecipe,
            textarea: textareaRecipe,
        },
        slotRecipes: { dialog: dialogSlotRecipe, menu: menuSlotRecipe, nativeSelect: nativeSelectSlotRecipe },
    },
});

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

export const system = createSystem(defaultBaseConfig, base, config);
