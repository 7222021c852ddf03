/** The pages around the household. */

export const appError = {
  thisPageCouldNotBeShown: 'This page could not be shown.',
  theDatabaseMayNotBeAnswering:
    'The database may not be answering. Nothing that was saved is lost; what you typed is kept in this browser.',
  tryAgain: 'Try again',
}

export const hookupPage = {
  hookup: 'Hookup',
}

export const loadsPage = {
  loads: 'Loads',
}

export const outagePage = {
  outage: 'Outage',
}

export const powerPage = {
  power: 'Power',
}

export const rechargePage = {
  recharge: 'Recharge',
}

export const runPage = {
  testRun: 'Test run',
}

export const runtimePage = {
  runtime: 'Runtime',
}

export const appLayout = {
  howLongABatteryRunsYourHouse:
    'How long a battery keeps your house running in a power outage, and what would make it last longer.',
  theTapIsKept: 'The page is still loading. What you tapped is kept and done as soon as it can.',
}

export const notFound = {
  notFound: 'Not found',
  thereIsNothingHereForThis: 'There is nothing here for this browser.',
  theHouseholdMayBelongToAnother:
    'The household may belong to another visitor, or have been deleted. Your own are on the start page.',
  openTheStartPage: 'Open the start page',
}

export const openPage = {
  openAHousehold: 'Open a household',
}

export const startPage = {
  startYours: 'Start yours',
  whereYouAreWhatMustNot: 'Where you are, what must not stop, what you have: how long it lasts, in a minute.',
}
