/** How a sheet's open time stands against the time to fill it. */
export interface FillTime {
  readonly openMin: number;
  readonly secondsPerPiece: number;
  readonly fillMin: number;
  /** Pieces that can be filled and closed while a sheet is open. */
  readonly piecesAtATime: number;
  /** Open ÷ needed; 1 is on the edge, null when there is nothing to fill. */
  readonly margin: number | null;
}

/**
 * Time to fill a sheet, by so many hands, against its open time. Law on the rule for seconds a piece.
 * @example fillTime({ openMin: 6.8, pieces: 16, secondsPerPiece: 8, people: 1 }).fillMin // 2.1
 */
export function fillTime({
  openMin,
  pieces,
  secondsPerPiece,
  people,
}: {
  openMin: number;
  pieces: number;
  secondsPerPiece: number;
  people: number;
}): FillTime {
  const each = secondsPerPiece / people;
  const fillMin = (pieces * each) / 60;
  return {
    openMin,
    secondsPerPiece,
    fillMin,
    piecesAtATime: Math.floor((openMin * 60) / each + 1e-9),
    margin: fillMin > 0 ? openMin / fillMin : null,
  };
}
