// For what is looked up and must be there: a mistake of ours says so at once, not three screens later.

/** @throws Error where it is not there */
export function sure<T>(value: T | undefined): T {
  if (value === undefined) throw new Error('Something that must be there is not.')
  return value
}
