/** How charts are drawn: they are painted by a library that knows nothing of the page's styles, so they ask for the colours of the light there is when they are made. */
const colourNow = (name: string, byDay: string): string =>
  typeof document === 'undefined'
    ? byDay
    : getComputedStyle(document.documentElement).getPropertyValue(`--chakra-colors-${name}`).trim() || byDay;

export const chartInk = (): string => colourNow('ink', '#1b2426');
export const chartBrass = (): string => colourNow('brass', '#c9a550');
export const chartBrassDeep = (): string => colourNow('brass-deep', '#6b5011');
export const chartPaper = (): string => colourNow('paper', '#fcfcf8');
export const CHART_FONT = { family: "'Source Sans 3 Variable', sans-serif", size: 12 };
/** What is not known of a line, about it. */
export const CHART_BAND = 'rgba(201, 165, 80, 0.3)';

/** An axis with its name and unit. */
export const chartAxis = (text: string) => ({
  title: { display: true, text, color: chartInk(), font: CHART_FONT },
  ticks: { color: chartInk(), font: CHART_FONT },
});
