/** A part of a drawing in words: what it is, and what is to be seen of it, a line to each. */
export interface DrawnText {
  name: string;
  lines: string[];
}
