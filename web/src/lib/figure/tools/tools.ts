/** The dialogs of the desk that propose something. */
export type Tool = 'type' | 'partner' | 'timing' | 'fill';
