import { createSystem, defineConfig, type SystemStyleObject } from '@chakra-ui/react';
import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import {
  animationStyles,
  breakpoints,
  buttonRecipe,
  collapsibleSlotRecipe,
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
  popoverSlotRecipe,
  semanticTokens,
  tableSlotRecipe,
  textStyles,
  textareaRecipe,
  tokens,
} from '@chakra-ui/react/theme';

import { COLOURS, LAMP } from './colours';
import { PARTS } from './parts';
import { DRAWN, ON_FABRIC } from './strokes';

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
      collapsible: collapsibleSlotRecipe,
      dialog: dialogSlotRecipe,
      list: listSlotRecipe,
      nativeSelect: nativeSelectSlotRecipe,
      popover: popoverSlotRecipe,
      table: tableSlotRecipe,
    },
  },
});

/** A whole set of colours, in place of the theme's own, which come in a later layer. */
const litBy = (colours: Record<keyof typeof COLOURS, string>) => ({
  ...Object.fromEntries(
    Object.entries(colours).map(([name, value]) => [`--chakra-colors-${dashed(name)}`, `${value} !important`]),
  ),
  // What the parts of the library call theirs.
  '--chakra-colors-gray-fg': `${colours.ink} !important`,
  '--chakra-colors-gray-subtle': `${colours.counterEdge} !important`,
  '--chakra-colors-gray-muted': `${colours.counterEdge} !important`,
  '--chakra-colors-gray-border': `${colours.paperEdge} !important`,
});
const dashed = (name: string): string => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** A touch screen, or a narrow window. */
const THUMB = '@media (pointer: coarse), (max-width: 48em)';

const BY_LAMP = { colorScheme: 'dark', ...litBy(LAMP) };
const DAY = Object.fromEntries(Object.entries(COLOURS).map(([name, { value }]) => [name, value])) as Record<
  keyof typeof COLOURS,
  string
>;

const config = defineConfig({
  theme: {
    tokens: {
      fonts: {
        heading: { value: "var(--font-heading), 'Besley Variable', Rockwell, serif" },
        body: { value: "var(--font-body), 'Source Sans 3 Variable', 'Segoe UI', sans-serif" },
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
    // On paper it is always day.
    '@media screen': {
      ':root[data-light=lamp]': BY_LAMP,
      '@media (prefers-color-scheme: dark)': { ':root[data-light=auto]': BY_LAMP },
      // A page of paper is read as it will be printed, whatever the light.
      '.by-day': { colorScheme: 'light', ...litBy(DAY), color: 'ink' },
    },
    ...PARTS,
    ...DRAWN,
    ...ON_FABRIC,
    'h1, h2, h3': { fontFamily: 'heading', fontWeight: 600 },
    '*:focus-visible': { outline: '3px solid var(--chakra-colors-chalk)', outlineOffset: '2px' },
    '.onDark *:focus-visible': { outlineColor: 'var(--chakra-colors-brass)' },
    // A thumb needs more room than a pointer. A number within a line keeps its height and is met all round it.
    [THUMB]: {
      'button:not(.asked):not(.word-mark):not([role=slider]), select, textarea, input:not([type=radio]):not([type=checkbox]):not([type=range]), a[role=button], .next-go, label:has(> input[type=radio]), label:has(> input[type=checkbox])':
        { minHeight: '44px', minWidth: '44px' },
      'header a, nav a, .shelf-facts a, main li > a': {
        display: 'inline-flex',
        alignItems: 'center',
        minHeight: '44px',
      },
      'input[type=radio], input[type=checkbox]': { minWidth: '20px', minHeight: '20px' },
      '.asked, .word-mark, .why-these > button': { position: 'relative' },
      '.asked::after, .word-mark::after, .why-these > button::after': {
        content: '""',
        position: 'absolute',
        inset: '-10px -6px',
      },
    },
    // Where the browser sets the colours, drawings keep theirs, on a ground of their own; what is chosen is told by its outline.
    '@media (forced-colors: active)': {
      'svg:not(.lucide), canvas': { forcedColorAdjust: 'none', backgroundColor: 'var(--chakra-colors-counter)' },
      '[aria-pressed=true], [aria-current=page], label:has(input:checked)': { outline: '3px solid Highlight' },
    },
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
