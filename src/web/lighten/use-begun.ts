import { useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import { lightenedCopy } from '../../core/version/lightened-copy.ts';
import type { Version } from '../../core/version/version.ts';
import { documents } from '../saving/use-document.ts';

/** The id of the lightened version that the first change makes: until then nothing is saved by looking. */
export function useBegun(householdId: string, asWritten: Version): string {
  const { id: parentId, revision } = asWritten;
  // A copy of one revision of the recipe, whatever object it is in.
  return useMemo(() => {
    const copy = lightenedCopy(asWritten, 'lightened', () => uuid());
    documents.begin({ householdId, name: 'versions', id: copy.id }, copy);
    return copy.id;
  }, [householdId, parentId, revision]);
}
