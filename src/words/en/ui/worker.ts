/** What the workers tell. */

export const simulationClient = {
  theComputationFailed: 'The computation failed.',
}
