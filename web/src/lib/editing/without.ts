/** A copy that leaves one field out: what is not said is left out of a document, and never null. */
export function without<T extends object, K extends keyof T>(of: T, key: K): Omit<T, K> {
  const rest = { ...of };
  delete rest[key];
  return rest;
}
