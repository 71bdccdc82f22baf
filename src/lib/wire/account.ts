/** Fewest characters of a password; a short sentence is easier to keep in mind than a word with signs. */
export const SHORTEST_PASSWORD = 10;
