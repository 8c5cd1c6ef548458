import { unpackHousehold } from '../exchange/household-archive.ts';
import { isHouseholdFile, textsInFile } from '../exchange/texts-in-file.ts';
import { type RecipesOfFiles, recipesOfFiles } from './recipes-of-files.ts';
import type { Scope } from './scope.ts';

/** What a file holds, to be taken in: a household, or recipes in any format that can be read. @throws DomainError invalid */
export const unpacked = async (s: Scope, bytes: Uint8Array): Promise<RecipesOfFiles> =>
  isHouseholdFile(bytes)
    ? { carried: unpackHousehold(bytes), told: (answer) => answer }
    : recipesOfFiles(s, textsInFile(bytes));
