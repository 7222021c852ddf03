/** Sent on `document` when the page's scripts answer what is tapped. */
export const PAGE_ANSWERS = 'yotrope:answers'
