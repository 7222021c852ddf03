/** The part of the drawing whose fields are shown. */
export interface Selected {
  kind: 'load' | 'cord' | 'source' | 'generator' | 'car' | 'house'
  id: string
}
