/** What loads give way to. */
export const rules = {
  offDaily: 'off daily {window}',
  withSupply: 'only while more than {aboveW} come in',
  byCharge: 'dropped below {below}, back above {above}',
  notWith: 'never while {name} runs',
  notWithGone: 'never with a load that is gone',
}
