import type { Family } from "../document/mission";

/** Something in a text that cannot be understood, as the server says it. */
export interface Trouble {
  from: number;
  to: number;
  line: number;
  column: number;
  says: string;
  remedies: { word: string; text: string }[];
  /** The families of which a thing may stand there, where a name is not known; else none. */
  families: Family[];
}
