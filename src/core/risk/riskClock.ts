/** What suffers once its power is gone, and when. */
export type RiskKind =
  | 'refrigerator'
  | 'freezer'
  | 'cold-room'
  | 'frozen-pipes'
  | 'flooded-pit'
  | 'aquarium'
  | 'roots'
  | 'animals'
  | 'medicine'
  | 'breathing-aid'
  | 'phone'

/** Minutes since the outage began; Infinity: not within what is looked at. */
export interface Spread {
  early: number
  likely: number
  late: number
}

export interface RiskClock {
  kind: RiskKind
  /** the load that keeps it, and what people call it */
  loadId: string | null
  name: string
  /** when its power ends; null: it is not fed at all, from the first minute */
  powerEnds: Spread | null
  /** when it is lost; null where what is needed for it is not known */
  lost: Spread | null
  /** how it is known: a published time, the household's own figures, a guess */
  basis: 'published' | 'own' | 'guess'
  /** what has to be said or measured before an hour can be given */
  missing: 'pit' | null
}
