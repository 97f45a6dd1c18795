/** What an invitation says that is over. */
export const ENDED = {
  field: 'token',
  sentence: 'This invitation was used, or its day is over: ask who sent it for another one.',
}
