/** Something in a text that cannot be understood, as the server says it. */
export interface Trouble {
  from: number;
  to: number;
  line: number;
  column: number;
  says: string;
  remedies: { word: string; text: string }[];
}
