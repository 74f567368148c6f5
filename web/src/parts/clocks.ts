// What the clocks of a dog are called.

/** As the table calls them. */
export function clockName(clock: string): string {
  return { mat: 'mats', sanitary: 'rear and belly', strip: 'stripping' }[clock] ?? clock
}
