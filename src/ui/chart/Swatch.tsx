/** What a colour or a line of a drawing means, before its words. @param line as a border is written */
export function Swatch({ fill, line }: { fill?: string; line?: string }) {
  return (
    <i
      aria-hidden
      data-fill
      data-line={line !== undefined}
      className="swatch"
      style={{ background: fill, borderTop: line }}
    />
  )
}
