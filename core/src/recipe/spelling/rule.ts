/** One spelling for another: what is replaced, and by what. */
export type Spelling = readonly [RegExp, string | ((...m: string[]) => string)];
