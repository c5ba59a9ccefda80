const BYTES = 16;

/** A key that nobody else has; browsers make no UUIDs for pages that come over a plain network. */
export const newKey = () =>
  Array.from(crypto.getRandomValues(new Uint8Array(BYTES)), (byte) => byte.toString(16).padStart(2, '0')).join('');
