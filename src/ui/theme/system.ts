import { createSystem, defineConfig, type SystemStyleObject } from '@chakra-ui/react';
import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import {
  animationStyles,
  breakpoints,
  buttonRecipe,
  cssVarsPrefix,
  cssVarsRoot,
  dialogSlotRecipe,
  globalCss,
  headingRecipe,
  inputRecipe,
  kbdRecipe,
  keyframes,
  layerStyles,
  listSlotRecipe,
  nativeSelectSlotRecipe,
  semanticTokens,
  tableSlotRecipe,
  textStyles,
  textareaRecipe,
  tokens,
} from '@chakra-ui/react/theme';

import { PARTS } from './parts';
import { DRAWN } from './strokes';

/**
 * The look of Ruelle: a haberdasher's counter. The reasons are in docs/look.md; a colour is used by what it is here,
 * never by its value elsewhere.
 */
/**
 * Of Chakra's theme only what Ruelle uses. The whole of it, with every recipe and ten palettes, costs each first view a
 * fifth of a second and sixty kilobytes of style. A component with another recipe needs a line here.
 */
const { transparent, current, black, white, whiteAlpha, blackAlpha, gray, red } = tokens.colors;
const { bg, fg, border, gray: grayMeaning, red: redMeaning } = semanticTokens.colors;
const { '*': onEverything, ...globalCssOfParts } = globalCss;
const chakraParts = defineConfig({
  preflight: true,
  cssVarsPrefix,
  cssVarsRoot,
  // Chakra sets these on every element. They are inherited all the same, and once on the root they cost a moved line of a drawing nothing:
  // two thirds of the time for its style was theirs.
  globalCss: { ...globalCssOfParts, ':root': onEverything as SystemStyleObject },
  theme: {
    breakpoints,
    keyframes,
    textStyles,
    layerStyles,
    animationStyles,
    tokens: { ...tokens, colors: { transparent, current, black, white, whiteAlpha, blackAlpha, gray, red } },
    semanticTokens: { ...semanticTokens, colors: { bg, fg, border, gray: grayMeaning, red: redMeaning } },
    recipes: {
      button: buttonRecipe,
      heading: headingRecipe,
      input: inputRecipe,
      kbd: kbdRecipe,
      textarea: textareaRecipe,
    },
    slotRecipes: {
      dialog: dialogSlotRecipe,
      list: listSlotRecipe,
      nativeSelect: nativeSelectSlotRecipe,
      table: tableSlotRecipe,
    },
  },
});

/** The colours of the workroom. */
export const COLOURS = {
  counter: { value: '#cfd6d1' },
  counterEdge: { value: '#b4beb8' },
  drawer: { value: '#1e2b2d' },
  drawerText: { value: '#eef1ec' },
  ink: { value: '#1b2426' },
  inkSoft: { value: '#47545a' },
  paper: { value: '#fcfcf8' },
  paperEdge: { value: '#c3c7bd' },
  brass: { value: '#c9a550' },
  brassDeep: { value: '#6b5011' },
  brassPale: { value: '#e9d9a6' },
  chalk: { value: '#1d4f91' },
  decide: { value: '#8f2a05' },
  decidePale: { value: '#fbe6dc' },
} as const;

const config = defineConfig({
  theme: {
    tokens: {
      fonts: {
        heading: { value: "'Besley Variable', Rockwell, serif" },
        body: { value: "'Source Sans 3 Variable', 'Segoe UI', sans-serif" },
      },
      colors: COLOURS,
    },
    semanticTokens: {
      colors: {
        bg: { value: '{colors.counter}' },
        fg: { value: '{colors.ink}' },
        'fg.muted': { value: '{colors.inkSoft}' },
        border: { value: '{colors.paperEdge}' },
      },
    },
  },
  globalCss: {
    body: { bg: 'counter', color: 'ink', fontFamily: 'body', fontSize: '15px', lineHeight: 1.4 },
    ...PARTS,
    ...DRAWN,
    'h1, h2, h3': { fontFamily: 'heading', fontWeight: 600 },
    '*:focus-visible': { outline: '3px solid var(--chakra-colors-chalk)', outlineOffset: '2px' },
    '.onDark *:focus-visible': { outlineColor: 'var(--chakra-colors-brass-pale)' },
    // On paper stands what is written, and nothing of the program.
    '@media print': {
      'header, nav, .not-printed, [role="status"], button': { display: 'none !important' },
      body: { bg: 'white !important' },
      article: { border: 'none !important', padding: '0 !important' },
    },
    '*': { '@media (prefers-reduced-motion: reduce)': { animation: 'none !important', transition: 'none !important' } },
  },
});

export const system = createSystem(defaultBaseConfig, chakraParts, config);

/** The yarns' colours on the drawing: the cloth, a lighter thread for its rows, and the chalk that shows on it. */
export const CLOTHS = {
  harbour: { label: 'Harbour blue', cloth: '#2f5d73', thread: '#4f7e94', chalk: '#ffffff' },
  moss: { label: 'Moss green', cloth: '#556a3b', thread: '#74895a', chalk: '#ffffff' },
  madder: { label: 'Madder red', cloth: '#85393b', thread: '#a55b5c', chalk: '#ffffff' },
  oat: { label: 'Oat', cloth: '#d8c8a3', thread: '#bca87a', chalk: '#14305c' },
  plum: { label: 'Plum', cloth: '#583d5c', thread: '#7b5e80', chalk: '#ffffff' },
  slate: { label: 'Slate', cloth: '#4f5a64', thread: '#73808b', chalk: '#ffffff' },
} as const;
export type ClothName = keyof typeof CLOTHS;

/** The style that lets a drawing take on a cloth. */
export const clothStyle = (name: ClothName): Record<string, string> => ({
  '--cloth': CLOTHS[name].cloth,
  '--thread': CLOTHS[name].thread,
  '--cloth-chalk': CLOTHS[name].chalk,
});
