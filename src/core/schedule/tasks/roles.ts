/** One pair of hands that rolls and fills. */
export const BOTH_ROLE = 'roll+fill';

/** A role that only hands of one pace take: what it takes them is known. */
export const paceRole = (role: string, pace: number): string => `${role}@${pace}`;

/** A role that only one person takes: the cook put them there. */
export const onlyRole = (role: string, person: string): string => `${role}!${person}`;
