/** The batch that the demo has at the bench, by its address. */
export const OPEN_RUN = 'ad1584ef-f06f-4cf9-bdf3-eec395206f66';
