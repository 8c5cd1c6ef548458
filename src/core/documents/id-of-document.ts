import type { DocumentName } from './document-names.ts';
import { eaterDayId, pinId, verdictId } from './pair-ids.ts';

type Fields = Readonly<Record<string, string>>;

/** The id of a document, by what it says itself: of its own, or of the two things that it is of. */
export function idOfDocument(kind: DocumentName, document: object): string {
  const known = document as Fields;
  switch (kind) {
    case 'pins':
      return pinId(known as never);
    case 'verdicts':
      return verdictId(known as never);
    case 'days':
      return eaterDayId(known as never);
    case 'corrections':
    case 'buying':
      return known.foodId!;
    case 'barcodes':
      return known.code!;
    default:
      return known.id!;
  }
}
