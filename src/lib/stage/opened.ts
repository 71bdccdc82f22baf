/** Under which key a browser remembers that a class of a lesson is open to followers. */
export const openedKey = (lesson: string): string => `pond-loop:following:${lesson}`;
