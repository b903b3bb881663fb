/** How charts are drawn: they are painted by a library that knows nothing of the page's styles. The values are the theme's. */
export const CHART_INK = '#1b2426';
export const CHART_BRASS = '#c9a550';
export const CHART_BRASS_DEEP = '#6b5011';
export const CHART_PAPER = '#fcfcf8';
export const CHART_FONT = { family: "'Source Sans 3 Variable', sans-serif", size: 12 };
/** What is not known of a line, about it. */
export const CHART_BAND = 'rgba(201, 165, 80, 0.3)';

/** An axis with its name and unit. */
export const chartAxis = (text: string) => ({
  title: { display: true, text, color: CHART_INK, font: CHART_FONT },
  ticks: { color: CHART_INK, font: CHART_FONT },
});
