import { piecesByFigure } from '@/words/answer/piecesByFigure'

/** A text in which no line ends between a figure and its unit. */
export const Unbroken = ({ text }: { text: string }) =>
  piecesByFigure(text).map((piece, i) =>
    i % 2 === 1 ? (
      <span key={i} className="unbroken">
        {piece}
      </span>
    ) : (
      piece
    ),
  )
