import { v7 as uuid } from 'uuid';
import { lightenedCopy } from '../../core/version/lightened-copy.ts';
import type { Version } from '../../core/version/version.ts';
import type { OpenDocument } from './use-document.ts';

/** A version under the cook's hands. */
export type VersionEditor = OpenDocument<'versions'>['saved'];
export type ShownVersion = OpenDocument<'versions'>['shown'];

/** In a conflict: my copy as a version of its own, to be kept beside the other. */
export const copyOfMine = (version: Version): Version =>
  lightenedCopy(version, `${version.name}, my copy`.slice(0, 120), () => uuid());
