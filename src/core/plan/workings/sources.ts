/** Where a law comes from, as a working says it. */
export const GEOMETRY = 'geometry';
export const BALANCE = 'mass balance';
